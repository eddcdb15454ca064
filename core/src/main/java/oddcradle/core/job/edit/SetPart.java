package oddcradle.core.job.edit;

import java.util.ArrayList;
import java.util.List;
import oddcradle.core.finding.Phrase;
import oddcradle.core.job.Job;
import oddcradle.core.job.make.Part;

/** Where a bought thing is, from whom, for how much. */
public record SetPart(Part part) implements JobEdit {
    @Override
    public Job applyTo(Job job) {
        List<Part> parts = new ArrayList<>(job.build().parts());
        parts.removeIf(each -> each.item().equals(part.item()));
        parts.add(part);
        return job.withBuild(job.build().withParts(parts));
    }

    @Override
    public Phrase label() {
        return Phrase.of("{}: {}", part.item(), part.state().word());
    }

    @Override
    public String mergeKey() {
        return "part." + part.item();
    }
}
