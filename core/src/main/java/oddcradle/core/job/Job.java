package oddcradle.core.job;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import oddcradle.core.drive.Stage;
import oddcradle.core.job.around.Around;
import oddcradle.core.job.body.KeepOut;
import oddcradle.core.job.body.Part;
import oddcradle.core.job.body.Sizes;
import oddcradle.core.job.book.Book;
import oddcradle.core.job.cradle.Cradle;
import oddcradle.core.job.donor.Boss;
import oddcradle.core.job.donor.Donor;
import oddcradle.core.job.fit.AsBuilt;
import oddcradle.core.job.host.Host;
import oddcradle.core.job.line.Datum;
import oddcradle.core.job.line.Line;
import oddcradle.core.job.load.Duty;
import oddcradle.core.job.load.LoadCase;
import oddcradle.core.job.load.LoadSet;
import oddcradle.core.job.make.Build;
import oddcradle.core.job.seat.Seat;
import oddcradle.core.job.seat.SeatPlan;
import oddcradle.core.job.tube.Member;
import oddcradle.core.material.Material;
import oddcradle.core.math.Guard;

/**
 * The whole document. References between its parts are checked when it is made.
 *
 * @param candidates other donors that might go in; none where left out
 * @param weights what the user cares for among candidates; even where left out
 * @param plan what is wanted of the seat; as usual where left out
 * @param asBuilt what was read on the finished mount and done to it; nothing where left out
 * @param around controls, exhaust, fuel, wires, guards; nothing where left out
 * @param book logbook, parts, money and time; empty where left out
 */
// One of its components is called build.
@RecordBuilder
@RecordBuilder.Options(buildMethodName = "made")
public record Job(
        String name,
        List<Material> materials,
        Donor donor,
        Host host,
        Line line,
        Seat seat,
        Cradle cradle,
        List<LoadCase> cases,
        Build build,
        List<Donor> candidates,
        Weights weights,
        SeatPlan plan,
        AsBuilt asBuilt,
        Around around,
        Book book)
        implements JobBuilder.With {
    private static final int MOST_CANDIDATES = 5;

    public Job {
        Guard.named("name", name);
        materials = List.copyOf(Guard.present("materials", materials));
        Sizes.requireMaterials(materials);
        Guard.present("donor", donor);
        Guard.present("host", host);
        Guard.present("line", line);
        Guard.present("seat", seat);
        Guard.present("cradle", cradle);
        cases = List.copyOf(Guard.present("cases", cases));
        Guard.present("build", build);
        candidates = candidates == null ? List.of() : List.copyOf(candidates);
        weights = weights == null ? Weights.EVEN : weights;
        Guard.within("candidates", candidates.size(), 0, MOST_CANDIDATES, "donors besides the one that is seated");
        plan = plan == null ? SeatPlan.USUAL : plan;
        asBuilt = asBuilt == null ? AsBuilt.NOTHING : asBuilt;
        around = around == null ? Around.NOTHING : around;
        book = book == null ? Book.EMPTY : book;
        JobReferences.check(materials, donor, host, line, cradle, cases, plan);
    }

    /** The material a member names. */
    public Material material(Member member) {
        return member.madeOf(materials);
    }

    /** The ids of everything that can be picked. */
    public Set<String> ids() {
        Set<String> ids = new HashSet<>();
        donor.bodies().forEach(each -> ids.add(each.id()));
        donor.bosses().forEach(each -> ids.add(each.id()));
        host.members().forEach(each -> ids.add(each.id()));
        host.nodes().forEach(each -> ids.add(each.id()));
        host.keepOuts().forEach(each -> ids.add(each.id()));
        line.stages().forEach(each -> ids.add(each.id()));
        line.shafts().forEach(each -> ids.add(each.id()));
        cradle.members().forEach(each -> ids.add(each.id()));
        cradle.nodes().forEach(each -> ids.add(each.id()));
        cradle.isolators().forEach(each -> ids.add(each.id()));
        cradle.details().forEach(each -> ids.add(each.id()));
        return ids;
    }

    /** What a body is called. */
    public Optional<String> label(String id) {
        return Stream.of(
                        donor.bodies().stream()
                                .filter(each -> each.id().equals(id))
                                .map(Part::label),
                        host.keepOuts().stream()
                                .filter(each -> each.id().equals(id))
                                .map(KeepOut::label),
                        member(id).stream().map(Member::label),
                        line.stages().stream()
                                .filter(each -> each.id().equals(id))
                                .map(Stage::label),
                        donor.bosses().stream()
                                .filter(each -> each.id().equals(id))
                                .map(Boss::label))
                .flatMap(each -> each)
                .findFirst();
    }

    /** Every tube, those of the host first. */
    public List<Member> members() {
        return Stream.concat(host.members().stream(), cradle.members().stream()).toList();
    }

    /** What the machine goes through: the user's own, or what is usual of the family that its line's end belongs to. */
    public Duty duty() {
        return build.duty()
                .orElseGet(() -> Duty.usual(line.end().map(LoadSet.Family::of).orElse(LoadSet.Family.GROUND)));
    }

    /** A tube of the cradle or of the host. */
    public Optional<Member> member(String id) {
        return cradle.member(id).or(() -> host.member(id));
    }

    /** With another cradle; wishes for the seat that name tubes or nodes of the old one go with it. */
    public Job withOther(Cradle other) {
        // The plan goes first: a job never names what is not there.
        return withPlan(plan.keptFor(donor, host, line, other)).withCradle(other);
    }

    /** With another donor and no cradle: what names bosses or parts of the old one goes with it. */
    public Job withOther(Donor other) {
        Cradle none = new Cradle(List.of(), List.of(), List.of());
        boolean pivotGone = line.datum()
                .pivot()
                .filter(pivot -> other.boss(pivot.boss()).isEmpty())
                .isPresent();
        return withPlan(plan.keptFor(other, host, line, none))
                .withCradle(none)
                .withLine(pivotGone ? line.withDatum(Datum.FREE) : line)
                .withDonor(other);
    }
}
