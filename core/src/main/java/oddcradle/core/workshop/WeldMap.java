package oddcradle.core.workshop;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import oddcradle.core.examine.Examination;
import oddcradle.core.hardware.MountDesign;
import oddcradle.core.job.Job;
import oddcradle.core.job.cradle.Detail;
import oddcradle.core.job.tube.Member;
import oddcradle.core.material.Material;
import oddcradle.core.math.Vec3;
import oddcradle.core.shop.CopeResult;
import oddcradle.core.step.make.CutTube;
import oddcradle.core.step.make.TubeEnd;

/**
 * Every weld of the cradle in the order that balances its pull: from the middle out, each next on the side that brings the sum of what is
 * welded already back to the middle.
 *
 * @param welds in that order
 */
public record WeldMap(List<Weld> welds) {
    /** Legs of tube joints are no more than the wall, and no less than this, m; common practice. */
    private static final double LEAST_LEG = 0.0015;

    public WeldMap {
        welds = List.copyOf(welds);
    }

    /**
     * @param mark W1, W2 and so on, in the order of welding
     * @param piece id of the tube, mount or gusset that is welded on
     * @param what is welded to what
     * @param at host axes, m
     * @param length of the whole seam, m
     * @param leg of the fillet, m
     * @param way of doing it
     * @param pull by which it draws the welded piece along itself, m
     */
    public record Weld(
            String mark, String piece, String what, Vec3 at, double length, double leg, WeldWay way, double pull) {}

    private record Seam(
            String piece, String what, Vec3 at, double length, double leg, double thickness, Material metal) {}

    public static WeldMap of(Examination examination) {
        List<Seam> seams = new ArrayList<>();
        Job job = examination.job();
        for (CutTube tube : examination.cutList()) {
            for (TubeEnd end : tube.ends()) {
                end(job, tube.tube(), end).ifPresent(seams::add);
            }
        }
        examination.mountDesigns().forEach(design -> seams.add(plate(job, design)));
        job.cradle().details(Detail.Gusset.class).forEach(gusset -> gusset(examination, gusset)
                .ifPresent(seams::add));
        List<Weld> welds = new ArrayList<>();
        for (Seam seam : balanced(seams)) {
            welds.add(new Weld(
                    "W" + (welds.size() + 1),
                    seam.piece(),
                    seam.what(),
                    seam.at(),
                    seam.length(),
                    seam.leg(),
                    WeldWay.of(seam.metal(), seam.thickness()),
                    Shrinkage.transverse(seam.leg(), seam.thickness())));
        }
        return new WeldMap(welds);
    }

    private static Optional<Seam> end(Job job, Member tube, TubeEnd end) {
        if (end.landsOn().isEmpty() || end.bolted()) {
            return Optional.empty();
        }
        double wall = wall(tube);
        double around = end.cope()
                .map(CopeResult::edgeLength)
                .orElse(Math.PI * 2 * tube.section().halfSize(false));
        return Optional.of(new Seam(
                tube.id(),
                tube.id() + " on " + String.join(" and ", end.landsOn()),
                end.at(),
                around,
                Math.max(LEAST_LEG, wall),
                wall,
                tube.madeOf(job.materials())));
    }

    private static double wall(Member tube) {
        return tube.section().wall() > 0
                ? tube.section().wall()
                : tube.section().halfSize(false);
    }

    private static Seam plate(Job job, MountDesign design) {
        boolean tab = !design.through();
        double length = tab
                ? 2 * design.tab().plates() * design.tab().root()
                : 2 * design.tube().section().halfSize(false) + 4 * design.tab().edge();
        return new Seam(
                design.isolator().id(),
                (tab ? "tab" : "seat plate") + " of mount " + design.isolator().id() + " on "
                        + design.tube().id(),
                design.at(),
                length,
                design.tab().leg(),
                design.tab().thickness(),
                design.tube().madeOf(job.materials()));
    }

    private static Optional<Seam> gusset(Examination examination, Detail.Gusset gusset) {
        Job job = examination.job();
        return job.member(gusset.first())
                .map(tube -> new Seam(
                        gusset.id(),
                        "gusset " + gusset.id() + " between " + gusset.first() + " and " + gusset.second(),
                        examination.seating().node(gusset.node()),
                        4 * gusset.leg(),
                        Math.max(LEAST_LEG, gusset.thickness()),
                        gusset.thickness(),
                        tube.madeOf(job.materials())));
    }

    /** Each seam pulls towards itself by about its metal: the next is the one that leaves least of a sum about the middle. */
    private static List<Seam> balanced(List<Seam> seams) {
        double all = seams.stream().mapToDouble(Seam::length).sum();
        Vec3 middle = Vec3.ZERO;
        for (Seam seam : seams) {
            middle = middle.along(seam.at(), seam.length() / all);
        }
        List<Seam> left = new ArrayList<>(seams);
        List<Seam> order = new ArrayList<>();
        Vec3 sum = Vec3.ZERO;
        while (!left.isEmpty()) {
            Seam best = left.get(0);
            double least = Double.POSITIVE_INFINITY;
            for (Seam seam : left) {
                double then = sum.plus(pull(seam, middle)).length();
                if (then < least - 1e-12) {
                    least = then;
                    best = seam;
                }
            }
            left.remove(best);
            order.add(best);
            sum = sum.plus(pull(best, middle));
        }
        return order;
    }

    private static Vec3 pull(Seam seam, Vec3 middle) {
        return seam.at().minus(middle).times(seam.length() * seam.leg() * seam.leg());
    }

    /** Of all seams, m. */
    public double length() {
        return welds.stream().mapToDouble(Weld::length).sum();
    }
}
