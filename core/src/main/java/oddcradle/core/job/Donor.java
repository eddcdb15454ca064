package oddcradle.core.job;

import java.util.List;
import java.util.Optional;
import oddcradle.core.math.Guard;
import oddcradle.core.mechanics.MassProperties;
import oddcradle.core.survey.Survey;

/**
 * The engine that goes in, in its own axes.
 *
 * @param survey the readings behind the bosses; nothing was read where it is left out
 */
public record Donor(
        String name,
        Engine engine,
        MassProperties mass,
        List<Boss> bosses,
        Output output,
        List<Part> parts,
        Survey survey) {
    public Donor {
        Guard.named("name", name);
        Guard.present("engine", engine);
        Guard.present("mass", mass);
        bosses = List.copyOf(Guard.present("bosses", bosses));
        Guard.present("output", output);
        parts = List.copyOf(Guard.present("parts", parts));
        survey = survey == null ? Survey.NONE : survey;
    }

    public Optional<Boss> boss(String id) {
        return bosses.stream().filter(boss -> boss.id().equals(id)).findFirst();
    }

    public Donor withBosses(List<Boss> others) {
        return new Donor(name, engine, mass, others, output, parts, survey);
    }

    public Donor withOutput(Output other) {
        return new Donor(name, engine, mass, bosses, other, parts, survey);
    }

    public Donor withSurvey(Survey other) {
        return new Donor(name, engine, mass, bosses, output, parts, other);
    }
}
