package oddcradle.core.job.edit;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import oddcradle.core.finding.Phrase;
import oddcradle.core.job.Job;
import oddcradle.core.job.body.Freedom;
import oddcradle.core.job.host.DrivenEnd;
import oddcradle.core.job.seat.Seat;
import oddcradle.core.job.tube.Anchor;
import oddcradle.core.job.tube.Member;
import oddcradle.core.job.tube.Node;
import oddcradle.core.material.Material;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.math.Vec3;
import oddcradle.core.mechanics.MassProperties;
import oddcradle.core.section.Section;
import oddcradle.core.units.Quantity;

/** One change of a job: what a hand does in the window, and what a cure proposes. Undone by keeping the job before it. */
public sealed interface JobEdit
        permits BodyEdit,
                CandidateEdit,
                CradleEdit,
                LineEdit,
                LoadEdit,
                FitShims,
                PackEdit,
                SeatEdit,
                SurveyEdit,
                ReplaceJob,
                RunEdit,
                SetAsBuilt,
                SetPart,
                SetShop,
                TakeBuildChoice,
                TakeCradle,
                TakeDesign,
                TracedTube,
                JobEdit.MoveSeat,
                JobEdit.SetSeat,
                JobEdit.HoldSeat,
                JobEdit.SetMass,
                JobEdit.SetName,
                JobEdit.SetMaterials,
                JobEdit.ShiftDrivenSprocket,
                JobEdit.SetHardness,
                JobEdit.SetSection,
                JobEdit.LandNode {
    /**
     * @return a new job; an equal one if nothing changes
     * @throws InvalidValue if the changed job would not be one
     */
    Job applyTo(Job job);

    /** What it does, for undo and for the cure's button. */
    Phrase label();

    /** What it and those like it that followed have done, for undo. */
    default Phrase label(Job before, Job after) {
        return label();
    }

    /** Edits of one kind that follow each other without a pause are undone together when this is equal. */
    String mergeKey();

    /** Slides the donor; held freedoms stay. */
    record MoveSeat(Vec3 by) implements JobEdit {
        /** Under this a move is rounding, m. */
        private static final double LEAST_SHOWN = 1e-9;

        @Override
        public Job applyTo(Job job) {
            Seat seat = job.seat();
            for (Freedom freedom : Freedom.values()) {
                if (freedom.slides() && !seat.isHeld(freedom)) {
                    seat = seat.with(freedom, seat.value(freedom) + by.dot(freedom.direction()));
                }
            }
            return job.withSeat(seat);
        }

        @Override
        public Phrase label() {
            return moved(by);
        }

        @Override
        public Phrase label(Job before, Job after) {
            return moved(after.seat().position().minus(before.seat().position()));
        }

        /** Each way it went by itself: nothing is summed up that a hand did apart. */
        private static Phrase moved(Vec3 by) {
            List<String> ways = new ArrayList<>();
            List<Object> lengths = new ArrayList<>();
            for (Freedom freedom : List.of(Freedom.FORWARD, Freedom.LEFT, Freedom.UP)) {
                double way = by.dot(freedom.direction());
                if (Math.abs(way) > LEAST_SHOWN) {
                    ways.add("{} " + (way > 0 ? freedom.word() : freedom.opposite()));
                    lengths.add(Quantity.length(Math.abs(way)));
                }
            }
            return ways.isEmpty() ? Phrase.of("move the seat") : new Phrase("seat " + String.join(", ", ways), lengths);
        }

        @Override
        public String mergeKey() {
            return "seat";
        }
    }

    /** Sets one freedom of the seat, held or not; m or rad. */
    record SetSeat(Freedom freedom, double value) implements JobEdit {
        @Override
        public Job applyTo(Job job) {
            return job.withSeat(job.seat().with(freedom, value));
        }

        @Override
        public Phrase label() {
            Quantity quantity = freedom.slides() ? Quantity.length(value) : Quantity.angle(value);
            return Phrase.of("seat {} {}", freedom.word(), quantity);
        }

        @Override
        public String mergeKey() {
            return "seat." + freedom;
        }
    }

    /** Holds or frees one freedom. */
    record HoldSeat(Freedom freedom, boolean held) implements JobEdit {
        @Override
        public Job applyTo(Job job) {
            List<Freedom> others =
                    job.seat().held().stream().filter(each -> each != freedom).toList();
            List<Freedom> now = held
                    ? Stream.concat(others.stream(), Stream.of(freedom))
                            .sorted()
                            .toList()
                    : others;
            return job.withSeat(job.seat().holding(now));
        }

        @Override
        public Phrase label() {
            return Phrase.of(held ? "hold {}" : "free {}", freedom.word());
        }

        @Override
        public String mergeKey() {
            return "hold." + freedom;
        }
    }

    /** Calls the job something else. */
    record SetName(String name) implements JobEdit {
        @Override
        public Job applyTo(Job job) {
            return job.withName(name);
        }

        @Override
        public Phrase label() {
            return Phrase.of("call it {}", name);
        }

        @Override
        public String mergeKey() {
            return "name";
        }
    }

    /** Has other materials to choose from. */
    record SetMaterials(List<Material> materials) implements JobEdit {
        public SetMaterials {
            materials = List.copyOf(materials);
        }

        @Override
        public Job applyTo(Job job) {
            return job.withMaterials(materials);
        }

        @Override
        public Phrase label() {
            return Phrase.of("materials");
        }

        @Override
        public String mergeKey() {
            return "materials";
        }
    }

    /** Works with other mass properties. */
    record SetMass(MassProperties mass) implements JobEdit {
        @Override
        public Job applyTo(Job job) {
            return job.withDonor(job.donor().withMass(mass));
        }

        @Override
        public Phrase label() {
            return Phrase.of("set mass {}", Quantity.mass(mass.mass()));
        }

        @Override
        public String mergeKey() {
            return "mass";
        }
    }

    /** Packs the driven sprocket along its axle with a spacer, m, signed along the axle's axis. */
    record ShiftDrivenSprocket(double by) implements JobEdit {
        @Override
        public Job applyTo(Job job) {
            return withDrivenEnd(job, job.host().drivenEnd().shifted(by));
        }

        @Override
        public Phrase label() {
            return Phrase.of("rear sprocket spacer {}", Quantity.length(Math.abs(by)));
        }

        @Override
        public String mergeKey() {
            return "spacer";
        }
    }

    /** Another rubber in the named isolators. */
    record SetHardness(List<String> isolators, double hardness) implements JobEdit {
        public SetHardness {
            isolators = List.copyOf(isolators);
        }

        @Override
        public Job applyTo(Job job) {
            return job.withCradle(job.cradle()
                    .withIsolators(job.cradle().isolators().stream()
                            .map(each -> isolators.contains(each.id()) ? each.withHardness(hardness) : each)
                            .toList()));
        }

        @Override
        public Phrase label() {
            String which = isolators.size() == 1 ? isolators.get(0) : "all isolators";
            return Phrase.of("{} {}", which, Quantity.hardness(hardness));
        }

        @Override
        public String mergeKey() {
            return "hardness." + isolators;
        }
    }

    /** Another section for one tube of the cradle or the host. */
    record SetSection(String member, Section section) implements JobEdit {
        @Override
        public Job applyTo(Job job) {
            Job changed = job.withCradle(
                    job.cradle().withMembers(replaced(job.cradle().members())));
            return changed.withHost(job.host().withMembers(replaced(job.host().members())));
        }

        private List<Member> replaced(List<Member> members) {
            return members.stream()
                    .map(each -> each.id().equals(member) ? each.withSection(section) : each)
                    .toList();
        }

        @Override
        public Phrase label() {
            return Phrase.of("{} in {}", member, section);
        }

        @Override
        public String mergeKey() {
            return "section." + member;
        }
    }

    /** Lands a loose node of the cradle on a host tube, at the point closest to another node. */
    record LandNode(String node, String member, String near) implements JobEdit {
        @Override
        public Job applyTo(Job job) {
            return job.withCradle(job.cradle()
                    .withNodes(job.cradle().nodes().stream()
                            .map(each -> each.id().equals(node)
                                    ? new Node(node, new Anchor.OnMember(member, near, Vec3.ZERO))
                                    : each)
                            .toList()));
        }

        @Override
        public Phrase label() {
            return Phrase.of("land {} on {}", node, member);
        }

        @Override
        public String mergeKey() {
            return "land." + node;
        }
    }

    private static Job withDrivenEnd(Job job, DrivenEnd drivenEnd) {
        return job.withHost(job.host().withDrivenEnd(drivenEnd));
    }
}
