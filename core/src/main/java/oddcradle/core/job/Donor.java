package oddcradle.core.job;

import java.util.List;
import java.util.Optional;
import oddcradle.core.math.Guard;
import oddcradle.core.mechanics.MassProperties;

/** The engine that goes in, in its own axes. */
public record Donor(
        String name, Engine engine, MassProperties mass, List<Boss> bosses, Output output, List<Part> parts) {
    public Donor {
        Guard.named("name", name);
        Guard.present("engine", engine);
        Guard.present("mass", mass);
        bosses = List.copyOf(Guard.present("bosses", bosses));
        Guard.present("output", output);
        parts = List.copyOf(Guard.present("parts", parts));
    }

    public Optional<Boss> boss(String id) {
        return bosses.stream().filter(boss -> boss.id().equals(id)).findFirst();
    }
}
