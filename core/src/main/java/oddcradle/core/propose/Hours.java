package oddcradle.core.propose;

import java.util.List;
import oddcradle.core.examine.Examination;
import oddcradle.core.job.cradle.Cradle;
import oddcradle.core.job.cradle.Detail;
import oddcradle.core.job.tube.Member;

/** Hours in the shop for one who has done it before; all common practice, to compare by and not to quote. */
public final class Hours {
    private static final double CUT = 0.15;
    private static final double END = 0.30;
    private static final double WELD = 0.30;
    private static final double BOLT = 0.45;
    private static final double BEND = 0.30;
    private static final double CORNER = 0.80;
    private static final double DETAIL = 0.75;
    private static final double CLAMP_PAD = 1.5;
    private static final double SLIDE = 2.0;
    private static final double ADAPTER = 4.0;
    private static final double JIG = 5.0;
    /** Offering up, in and out, for each mount: in a jig once less. */
    private static final double OFFER = 0.75;

    private Hours() {}

    public static double of(Examination examination) {
        Cradle cradle = examination.job().cradle();
        boolean jig = examination.job().build().shop().jig();
        double hours = jig ? JIG : 0;
        for (Member member : cradle.members()) {
            hours += CUT + 2 * END;
            for (String end : List.of(member.first(), member.last())) {
                hours += cradle.joint(member.id(), end)
                                .filter(joint -> joint.kind().isBolted())
                                .isPresent()
                        ? BOLT
                        : WELD;
            }
        }
        hours += BEND
                * examination.cutList().stream()
                        .mapToInt(tube ->
                                tube.bends().map(plan -> plan.angles().size()).orElse(tube.corner() > 0.01 ? 1 : 0))
                        .sum();
        hours += (CORNER + (jig ? OFFER / 2 : OFFER)) * cradle.isolators().size();
        for (Detail detail : cradle.details()) {
            hours += detail instanceof Detail.ClampPad
                    ? CLAMP_PAD
                    : detail instanceof Detail.Slide ? SLIDE : detail instanceof Detail.AdapterPlate ? ADAPTER : DETAIL;
        }
        return hours;
    }
}
