package oddcradle.core.job.donor;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import oddcradle.core.engine.EngineEnvelope;
import oddcradle.core.engine.EngineShape;
import oddcradle.core.job.body.Category;
import oddcradle.core.job.body.Part;
import oddcradle.core.job.body.Pipe;
import oddcradle.core.job.body.Scan;
import oddcradle.core.math.Guard;
import oddcradle.core.math.Vec3;
import oddcradle.core.mechanics.MassProperties;
import oddcradle.core.survey.Survey;
import oddcradle.core.weigh.Weighing;

/**
 * The engine that goes in, in its own axes.
 *
 * <p>What is left out of a file is empty or unknown.
 *
 * @param survey the readings behind the bosses
 * @param shape the engine's dimensions, from which parts are made besides those listed
 * @param weighings behind the mass
 * @param scan of the donor, a body of its own besides the parts
 * @param units that it is joined of; empty where it is one machine
 */
@RecordBuilder
public record Donor(
        String name,
        Engine engine,
        MassProperties mass,
        List<Boss> bosses,
        Output output,
        List<Part> parts,
        Survey survey,
        Optional<EngineShape> shape,
        List<Pipe> pipes,
        List<Service> services,
        List<Weighing> weighings,
        History history,
        Optional<Scan> scan,
        List<JoinedUnit> units)
        implements DonorBuilder.With {
    private static final double LIGHTEST = 0.1;
    private static final double HEAVIEST = 10_000;

    public Donor {
        Guard.named("name", name);
        Guard.present("engine", engine);
        Guard.within("mass.mass", Guard.present("mass", mass).mass(), LIGHTEST, HEAVIEST, "kg");
        bosses = List.copyOf(Guard.present("bosses", bosses));
        Guard.present("output", output);
        parts = List.copyOf(Guard.present("parts", parts));
        survey = survey == null ? Survey.NONE : survey;
        shape = shape == null ? Optional.empty() : shape;
        pipes = pipes == null ? List.of() : List.copyOf(pipes);
        services = services == null ? List.of() : List.copyOf(services);
        weighings = weighings == null ? List.of() : List.copyOf(weighings);
        history = history == null ? History.UNKNOWN : history;
        scan = scan == null ? Optional.empty() : scan;
        units = units == null ? List.of() : List.copyOf(units);
    }

    public Optional<Boss> boss(String id) {
        return bosses.stream().filter(boss -> boss.id().equals(id)).findFirst();
    }

    /** An engine of which no more is known. */
    public static Donor plain(
            String name, Engine engine, MassProperties mass, List<Boss> bosses, Output output, List<Part> parts) {
        return new Donor(
                name,
                engine,
                mass,
                bosses,
                output,
                parts,
                Survey.NONE,
                Optional.empty(),
                List.of(),
                List.of(),
                List.of(),
                History.UNKNOWN,
                Optional.empty(),
                List.of());
    }

    public Optional<JoinedUnit> unit(String id) {
        return units.stream().filter(unit -> unit.id().equals(id)).findFirst();
    }

    /** A boss by its mark and its name; what names none stays as it is. */
    public String named(String boss) {
        return boss(boss).map(Boss::named).orElse(boss);
    }

    /** Everything of the donor that takes room: listed parts, pipes, and what its dimensions make of it. */
    public List<Part> bodies() {
        if (pipes.isEmpty() && shape.isEmpty()) {
            return parts;
        }
        List<Part> bodies = new ArrayList<>(parts);
        pipes.forEach(pipe -> bodies.add(pipe.part()));
        if (shape.isPresent()) {
            List<EngineEnvelope.Piece> pieces = EngineEnvelope.of(shape.get());
            for (int k = 0; k < pieces.size(); k++) {
                EngineEnvelope.Piece piece = pieces.get(k);
                Category category = piece.hot() ? Category.HOT : Category.FIXED;
                bodies.add(new Part("E" + (k + 1), piece.label(), category, List.of(piece.solid())));
            }
        }
        return bodies;
    }

    /** Where the middles of its bosses are, by id, in its own axes, m. */
    public Map<String, Vec3> places() {
        Map<String, Vec3> places = new LinkedHashMap<>();
        bosses.forEach(boss -> places.put(boss.id(), boss.position()));
        return places;
    }
}
