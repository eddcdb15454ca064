package oddcradle.core.job.cradle;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import oddcradle.core.catalog.ScrewThread;
import oddcradle.core.math.Guard;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.math.Vec3;

/** One made or fitted piece of the cradle that is neither tube nor isolator. */
public sealed interface Detail {
    String id();

    /**
     * A triangle of plate in the corner between two tubes.
     *
     * @param leg along each tube, m
     * @param thickness m
     */
    @RecordBuilder
    record Gusset(String id, String node, String first, String second, double leg, double thickness)
            implements Detail, DetailGussetBuilder.With {
        public Gusset {
            Guard.named("id", id);
            Guard.named("node", node);
            Guard.named("first", first);
            Guard.named("second", second);
            Guard.size("leg", leg);
            Guard.size("thickness", thickness);
            if (first.equals(second)) {
                throw new InvalidValue("second", "is \"" + second + "\" again: a gusset joins two tubes");
            }
        }
    }

    /**
     * A ledge under a lug on which it rests while its bolt is pushed in.
     *
     * @param below how far under the lug, m
     */
    @RecordBuilder
    record LandingPad(String id, String boss, double below) implements Detail, DetailLandingPadBuilder.With {
        public LandingPad {
            Guard.named("id", id);
            Guard.named("boss", boss);
            Guard.notNegative("below", below, "m");
        }
    }

    /**
     * Two half shells of steel bolted round a host tube of light alloy, to weld to.
     *
     * @param node where the cradle lands on the host tube
     * @param length along the tube, m
     * @param thickness m
     * @param thread of its bolts
     * @param bolts how many
     * @param lined whether something keeps the two metals apart
     */
    @RecordBuilder
    record ClampPad(String id, String node, double length, double thickness, String thread, int bolts, boolean lined)
            implements Detail, DetailClampPadBuilder.With {
        private static final int MOST_BOLTS = 20;

        public ClampPad {
            Guard.named("id", id);
            Guard.named("node", node);
            Guard.size("length", length);
            Guard.size("thickness", thickness);
            ScrewThread.of("thread", Guard.named("thread", thread));
            Guard.within("bolts", bolts, 1, MOST_BOLTS, "bolts");
        }
    }

    /**
     * A hollow cut into a tube so that it clears a pipe.
     *
     * @param at share of the tube's length
     * @param depth m
     * @param closed whether the off-cut is turned over and welded back
     */
    @RecordBuilder
    record ReliefNotch(String id, String member, double at, double depth, boolean closed)
            implements Detail, DetailReliefNotchBuilder.With {
        public ReliefNotch {
            Guard.named("id", id);
            Guard.named("member", member);
            Guard.within("at", at, 0, 1, "");
            Guard.size("depth", depth);
        }
    }

    /**
     * Slots on which part of the cradle moves to tighten a chain or belt.
     *
     * @param nodes that slide together
     * @param direction host axes
     * @param range of the slots, m
     * @param thread of the screws that push
     */
    @RecordBuilder
    record Slide(String id, List<String> nodes, Vec3 direction, double range, String thread)
            implements Detail, DetailSlideBuilder.With {
        public Slide {
            Guard.named("id", id);
            nodes = List.copyOf(Guard.present("nodes", nodes));
            Guard.present("direction", direction).unit();
            Guard.size("range", range);
            ScrewThread.of("thread", Guard.named("thread", thread));
        }
    }

    /** A ring of equal holes; diameter of the ring, m. */
    @RecordBuilder
    record BoltCircle(double diameter, int holes, String thread) implements DetailBoltCircleBuilder.With {
        private static final int MOST_HOLES = 100;

        public BoltCircle {
            Guard.size("diameter", diameter);
            Guard.within("holes", holes, 2, MOST_HOLES, "holes");
            ScrewThread.of("thread", Guard.named("thread", thread));
        }
    }

    /**
     * A plate between two bolt circles.
     *
     * @param register diameter of the pilot, m
     * @param dowels how many
     * @param dowel diameter, m
     * @param torque that goes through it, N m
     * @param shaft input shaft: how far it stands out of the driven face, m
     * @param pocket how deep it may reach into the driving side, from that side's face, m
     * @param crankFloat how far the crank moves along its axis, m
     */
    @RecordBuilder
    record AdapterPlate(
            String id,
            BoltCircle engine,
            BoltCircle driven,
            double thickness,
            double register,
            int dowels,
            double dowel,
            double torque,
            double shaft,
            double pocket,
            double crankFloat)
            implements Detail, DetailAdapterPlateBuilder.With {
        private static final int MOST_DOWELS = 12;

        public AdapterPlate {
            Guard.named("id", id);
            Guard.present("engine", engine);
            Guard.present("driven", driven);
            Guard.size("thickness", thickness);
            Guard.size("register", register);
            Guard.within("dowels", dowels, 0, MOST_DOWELS, "dowels");
            Guard.notNegative("dowel", dowel, "m");
            Guard.notNegative("torque", torque, "N m");
            Guard.notNegative("shaft", shaft, "m");
            Guard.notNegative("pocket", pocket, "m");
            Guard.notNegative("crankFloat", crankFloat, "m");
        }
    }

    /**
     * A wheel that was made for one shaft and goes onto another.
     *
     * @param shaft diameter of the straight shaft, m
     * @param length that is gripped, m
     * @param torque to be carried, N m
     */
    @RecordBuilder
    record Hub(String id, double shaft, double length, double torque) implements Detail, DetailHubBuilder.With {
        public Hub {
            Guard.named("id", id);
            Guard.size("shaft", shaft);
            Guard.size("length", length);
            Guard.positive("torque", torque, "N m");
        }
    }

    /**
     * A dry clutch against the engine's torque.
     *
     * @param outer diameter of the lining, m
     * @param inner m
     * @param faces that rub
     * @param clamp force of the springs, N
     * @param friction coefficient
     */
    @RecordBuilder
    record Clutch(String id, double outer, double inner, int faces, double clamp, double friction)
            implements Detail, DetailClutchBuilder.With {
        private static final int MOST_FACES = 40;

        public Clutch {
            Guard.named("id", id);
            Guard.size("outer", outer);
            Guard.size("inner", inner);
            Guard.within("faces", faces, 1, MOST_FACES, "faces");
            Guard.positive("clamp", clamp, "N");
            Guard.within("friction", friction, 0, 2, "");
            if (inner >= outer) {
                throw new InvalidValue("inner", "is " + inner + " m, must be less than outer, " + outer + " m");
            }
        }
    }

    /**
     * The maker's own hanger, narrowed and used again.
     *
     * @param width it has, m
     * @param off cut from each side, m
     * @param bore through it, m
     * @param bush thinnest bush that it needs at each end, m
     */
    @RecordBuilder
    record ReusedHanger(String id, String boss, double width, double off, double bore, double bush)
            implements Detail, DetailReusedHangerBuilder.With {
        public ReusedHanger {
            Guard.named("id", id);
            Guard.named("boss", boss);
            Guard.size("width", width);
            Guard.notNegative("off", off, "m");
            Guard.size("bore", bore);
            Guard.notNegative("bush", bush, "m");
        }
    }

    /**
     * A strip of sheet with its edges turned over.
     *
     * @param fold height of each turned edge from the outside of the strip, m; 0 for none
     * @param span between where it is held and where it is loaded, m
     */
    @RecordBuilder
    record FoldedPlate(String id, String boss, double width, double thickness, double fold, double span)
            implements Detail, DetailFoldedPlateBuilder.With {
        public FoldedPlate {
            Guard.named("id", id);
            Guard.named("boss", boss);
            Guard.size("width", width);
            Guard.size("thickness", thickness);
            Guard.notNegative("fold", fold, "m");
            Guard.size("span", span);
        }
    }
}
