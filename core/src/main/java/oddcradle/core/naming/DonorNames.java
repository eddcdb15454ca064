package oddcradle.core.naming;

import java.util.function.UnaryOperator;
import oddcradle.core.job.donor.Donor;

/** A donor that names bodies and bosses by other marks. */
record DonorNames(UnaryOperator<String> body, UnaryOperator<String> boss) {
    Donor in(Donor donor) {
        return donor.withBosses(donor.bosses().stream()
                        .map(each -> each.withId(boss.apply(each.id())))
                        .toList())
                .withParts(donor.parts().stream()
                        .map(each -> each.withId(body.apply(each.id())))
                        .toList())
                .withPipes(donor.pipes().stream()
                        .map(each -> each.withId(body.apply(each.id())))
                        .toList())
                .withServices(donor.services().stream()
                        .map(each -> each.withPart(body.apply(each.part())))
                        .toList())
                .withUnits(donor.units().stream()
                        .map(each -> each.withBosses(JobNames.all(boss, each.bosses()))
                                .withParts(JobNames.all(body, each.parts())))
                        .toList())
                .withSurvey(new SurveyNames(boss).in(donor.survey()))
                .withScan(JobNames.scan(donor.scan(), boss));
    }
}
