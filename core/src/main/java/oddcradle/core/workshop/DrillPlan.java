package oddcradle.core.workshop;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import oddcradle.core.catalog.ScrewThread;
import oddcradle.core.examine.Examination;
import oddcradle.core.finding.Phrase;
import oddcradle.core.hardware.MountDesign;
import oddcradle.core.job.Job;
import oddcradle.core.job.cradle.TubeJoint;
import oddcradle.core.job.tube.Member;
import oddcradle.core.material.Material;
import oddcradle.core.math.Vec3;
import oddcradle.core.units.Quantity;

/**
 * Every hole of the cradle, the one that locates first. The first mount is the one whose boss lies nearest the donor's output, which has to line
 * up; the second is the one farthest from it, since a long way between two holes sets the angle best; the rest are transferred through with the donor bolted to the
 * first two (common practice).
 *
 * @param threads of its bolts, for where one has to be cut or cut anew
 */
public record DrillPlan(List<Hole> holes, List<ScrewThread> threads) {
    public DrillPlan {
        holes = List.copyOf(holes);
        threads = List.copyOf(threads);
    }

    /**
     * @param piece id of the mount, or of the tube
     * @param where mount or joint
     * @param what it goes through
     * @param diameter of the finished hole, m
     * @param edge from its middle to the nearest edge, m; NaN in a tube
     * @param passes from the pilot to the last
     * @param how first, second, or transferred through what
     */
    public record Hole(
            String piece,
            String where,
            Phrase what,
            double diameter,
            double edge,
            List<Drilling.Pass> passes,
            String how) {
        public Hole {
            passes = List.copyOf(passes);
        }
    }

    public static DrillPlan of(Examination examination) {
        Job job = examination.job();
        boolean reamed = job.build().shop().thin();
        List<Hole> holes = new ArrayList<>();
        List<MountDesign> order =
                inOrder(examination.mountDesigns(), examination.seating().driverCentre());
        for (int k = 0; k < order.size(); k++) {
            MountDesign design = order.get(k);
            Material metal = design.tube().madeOf(job.materials());
            boolean locates = k < 2;
            String how = k == 0
                    ? "first: drill to its final size and bolt up"
                    : k == 1
                            ? "second, farthest from the first: sets the angle"
                            : "pilot through with the donor bolted at "
                                    + order.get(0).isolator().id() + " and "
                                    + order.get(1).isolator().id() + ", then open up";
            double diameter = design.stack().hole();
            Phrase what = design.through()
                    ? Phrase.of(
                            "seat plate and {} right through, square to the seat",
                            design.tube().id())
                    : Phrase.of(
                            "{} of {}",
                            design.tab().plates() == 1 ? "tab" : "both tabs, clamped together",
                            Quantity.length(design.tab().thickness()));
            holes.add(new Hole(
                    design.isolator().id(),
                    design.isolator().id(),
                    what,
                    diameter,
                    design.tab().edge(),
                    Drilling.passes(diameter, metal, reamed && locates),
                    how));
        }
        for (TubeJoint joint : job.cradle().joints()) {
            if (joint.kind().isBolted() && !joint.thread().isEmpty()) {
                job.cradle().member(joint.member()).ifPresent(tube -> holes.add(bolted(job, joint, tube)));
            }
        }
        List<ScrewThread> threads = examination.mountDesigns().stream()
                .map(design -> design.stack().thread())
                .distinct()
                .toList();
        return new DrillPlan(holes, threads);
    }

    private static Hole bolted(Job job, TubeJoint joint, Member tube) {
        double diameter = ScrewThread.of("thread", joint.thread()).diameter();
        return new Hole(
                tube.id(),
                tube.id() + " at " + joint.node(),
                Phrase.of(
                        joint.sleeve().isPresent() ? "{} and the tube inside it" : "{} and what it is bolted to",
                        tube.named()),
                diameter,
                Double.NaN,
                Drilling.passes(
                        diameter,
                        tube.madeOf(job.materials()),
                        job.build().shop().thin()),
                joint.sleeve().isPresent()
                        ? "rivet the inner tube first, then drill through both"
                        : "clamp both in place and drill through together");
    }

    /** The boss nearest the output, then the one farthest from that boss, then as they are listed. */
    private static List<MountDesign> inOrder(List<MountDesign> designs, Vec3 output) {
        List<MountDesign> left = new ArrayList<>(designs);
        List<MountDesign> order = new ArrayList<>();
        if (!left.isEmpty()) {
            MountDesign first = left.stream()
                    .min(Comparator.comparingDouble(each -> each.at().distanceTo(output)))
                    .orElseThrow();
            left.remove(first);
            order.add(first);
            left.stream()
                    .max(Comparator.comparingDouble(each -> each.at().distanceTo(first.at())))
                    .ifPresent(second -> {
                        left.remove(second);
                        order.add(second);
                    });
        }
        order.addAll(left);
        return order;
    }
}
