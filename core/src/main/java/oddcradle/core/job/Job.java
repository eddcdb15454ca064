package oddcradle.core.job;

import java.util.List;
import java.util.Optional;
import oddcradle.core.material.Material;
import oddcradle.core.math.Guard;

/**
 * The whole document. References between its parts are checked when it is made.
 *
 * @param candidates other donors that might go in; none where left out
 * @param weights what the user cares for among candidates; even where left out
 * @param plan what is wanted of the seat; as usual where left out
 */
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
        SeatPlan plan) {
    private static final int MOST_CANDIDATES = 5;

    public Job {
        Guard.named("name", name);
        materials = List.copyOf(Guard.present("materials", materials));
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
        JobReferences.check(materials, donor, host, line, cradle, cases, plan);
    }

    /** The material a member names. */
    public Material material(Member member) {
        return materials.stream()
                .filter(material -> material.name().equals(member.material()))
                .findFirst()
                .orElseThrow();
    }

    /** A tube of the cradle or of the host. */
    public Optional<Member> member(String id) {
        return cradle.member(id).or(() -> host.member(id));
    }

    public Job withDonor(Donor other) {
        return new Job(name, materials, other, host, line, seat, cradle, cases, build, candidates, weights, plan);
    }

    public Job withHost(Host other) {
        return new Job(name, materials, donor, other, line, seat, cradle, cases, build, candidates, weights, plan);
    }

    public Job withLine(Line other) {
        return new Job(name, materials, donor, host, other, seat, cradle, cases, build, candidates, weights, plan);
    }

    public Job withSeat(Seat other) {
        return new Job(name, materials, donor, host, line, other, cradle, cases, build, candidates, weights, plan);
    }

    public Job withCradle(Cradle other) {
        return new Job(name, materials, donor, host, line, seat, other, cases, build, candidates, weights, plan);
    }

    public Job withCandidates(List<Donor> others) {
        return new Job(name, materials, donor, host, line, seat, cradle, cases, build, others, weights, plan);
    }

    public Job withWeights(Weights other) {
        return new Job(name, materials, donor, host, line, seat, cradle, cases, build, candidates, other, plan);
    }

    public Job withBuild(Build other) {
        return new Job(name, materials, donor, host, line, seat, cradle, cases, other, candidates, weights, plan);
    }

    public Job withPlan(SeatPlan other) {
        return new Job(name, materials, donor, host, line, seat, cradle, cases, build, candidates, weights, other);
    }
}
