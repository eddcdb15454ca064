package oddcradle.core.card;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import oddcradle.core.job.FreeMark;
import oddcradle.core.job.Job;
import oddcradle.core.job.cradle.Cradle;
import oddcradle.core.job.cradle.Detail;
import oddcradle.core.job.cradle.Isolator;
import oddcradle.core.job.cradle.MountChoices;
import oddcradle.core.job.cradle.TubeJoint;
import oddcradle.core.job.donor.Boss;
import oddcradle.core.job.edit.CradleEdit;
import oddcradle.core.job.tube.Anchor;
import oddcradle.core.job.tube.Member;
import oddcradle.core.job.tube.Node;
import oddcradle.core.math.Vec3;
import oddcradle.core.mounting.BondedPad;
import oddcradle.core.mounting.Elastomer;

/** One of each thing that a cradle may have, at its first tube, node and boss, to be moved to where it belongs. Sizes are common practice. */
final class DetailKinds {
    private static final String THREAD = "M8";
    private static final String JOINT = "a bolted joint";

    private final Job job;
    private final Cradle cradle;
    private final String id;
    private final List<Deed> deeds = new ArrayList<>();

    private DetailKinds(Job job) {
        this.job = job;
        this.cradle = job.cradle();
        this.id = FreeMark.of("G", cradle.details().stream().map(Detail::id).toList());
    }

    static List<Deed> of(Job job) {
        DetailKinds kinds = new DetailKinds(job);
        kinds.all();
        return kinds.deeds;
    }

    private void all() {
        Optional<String> boss = job.donor().bosses().stream().findFirst().map(Boss::id);
        boss.ifPresent(this::atBoss);
        mount();
        cradle.members().stream().findFirst().ifPresent(this::atTube);
        landing().ifPresent(node -> detail("a clamp", new Detail.ClampPad(id, node, 0.06, 0.005, THREAD, 4, false)));
        Detail.BoltCircle circle = new Detail.BoltCircle(0.15, 4, THREAD);
        detail(
                "an adapter plate",
                new Detail.AdapterPlate(id, circle, circle, 0.01, 0.1, 2, 0.008, 30, 0.02, 0.03, 0.0005));
        detail("a hub", new Detail.Hub(id, 0.025, 0.05, 40));
        detail("a clutch", new Detail.Clutch(id, 0.12, 0.08, 2, 800, 0.3));
    }

    private void detail(String words, Detail detail) {
        deeds.add(Deed.of(words, () -> new CradleEdit.SetDetail(detail).applyTo(job)));
    }

    private Optional<String> landing() {
        return cradle.nodes().stream()
                .filter(node -> node.anchor() instanceof Anchor.OnMember)
                .map(Node::id)
                .findFirst();
    }

    private void atBoss(String boss) {
        detail("a landing pad", new Detail.LandingPad(id, boss, 0.002));
        detail("a hanger used again", new Detail.ReusedHanger(id, boss, 0.05, 0.002, 0.012, 0.003));
        detail("a folded plate", new Detail.FoldedPlate(id, boss, 0.05, 0.004, 0.015, 0.08));
    }

    /** Two mounts cannot stand at one boss. */
    private void mount() {
        Optional<String> free = job.donor().bosses().stream()
                .map(Boss::id)
                .filter(boss -> cradle.isolators().stream()
                        .noneMatch(each -> each.boss().equals(boss)))
                .findFirst();
        Optional<String> node = cradle.nodes().stream().findFirst().map(Node::id);
        if (free.isPresent() && node.isPresent()) {
            Isolator mount = new Isolator(
                    FreeMark.of(
                            "M", cradle.isolators().stream().map(Isolator::id).toList()),
                    free.get(),
                    node.get(),
                    Vec3.Z,
                    new BondedPad(0.04, 0.03, 50, Elastomer.RUBBER),
                    0.1,
                    MountChoices.UNDECIDED);
            deeds.add(Deed.of("a mount", () -> new CradleEdit.AddMount(mount).applyTo(job)));
        }
    }

    private void atTube(Member tube) {
        String end = tube.nodes().get(0);
        detail("a relief notch", new Detail.ReliefNotch(id, tube.id(), 0.5, 0.008, false));
        detail(
                "a slide",
                new Detail.Slide(id, tube.nodes().stream().distinct().limit(2).toList(), Vec3.X, 0.02, THREAD));
        cradle.members().stream()
                .filter(other -> !other.id().equals(tube.id()) && other.nodes().contains(end))
                .findFirst()
                .ifPresent(other -> detail("a gusset", new Detail.Gusset(id, end, tube.id(), other.id(), 0.04, 0.003)));
        cradle.members().forEach(this::joint);
    }

    /** At the first end of a tube that is only welded so far. */
    private void joint(Member tube) {
        boolean offered = deeds.stream().anyMatch(deed -> deed.words().equals(JOINT));
        Stream.of(tube.nodes().get(0), tube.nodes().get(tube.nodes().size() - 1))
                .filter(end -> !offered
                        && cradle.joints().stream()
                                .noneMatch(each -> each.member().equals(tube.id())
                                        && each.node().equals(end)))
                .findFirst()
                .ifPresent(end -> deeds.add(Deed.of(JOINT, () -> new CradleEdit.SetJoint(
                                TubeJoint.of(tube.id(), end, TubeJoint.Kind.BOLTED, THREAD))
                        .applyTo(job))));
    }
}
