package oddcradle.core.step.run;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import oddcradle.core.finding.Phrase;
import oddcradle.core.job.around.Control;
import oddcradle.core.job.around.ControlLink;
import oddcradle.core.linkage.ControlTrain;
import oddcradle.core.linkage.Lever;
import oddcradle.core.linkage.Link;
import oddcradle.core.math.Vec3;

/** A control in host axes, and why it cannot be followed where it cannot: that hangs on the seat, so no file can be refused for it. */
final class ControlPlaces {
    /** Points of a cable nearer than this lie on each other, m. */
    private static final double SAME = 1e-6;

    private ControlPlaces() {}

    static List<Lever> levers(Control control, Standing standing) {
        return control.levers().stream()
                .map(each -> new Lever(
                        standing.place(each.on(), each.pivot()),
                        standing.turn(each.on(), each.axis()),
                        standing.place(each.on(), each.in()),
                        standing.place(each.on(), each.out())))
                .toList();
    }

    /** From where it goes into its conduit to where it comes out. */
    static List<Vec3> clips(ControlLink.Cable cable, Standing standing) {
        List<Vec3> clips = new ArrayList<>(List.of(standing.place(cable.mouthOn(), cable.mouth())));
        clips.addAll(cable.clips());
        clips.add(standing.place(cable.exitOn(), cable.exit()));
        return clips;
    }

    /** Empty where it can be followed from rest. */
    static Optional<Phrase> problem(Control control, Standing standing) {
        List<Link> links = new ArrayList<>();
        for (ControlLink link : control.links()) {
            if (link instanceof ControlLink.Cable cable) {
                List<Vec3> clips = clips(cable, standing);
                for (int k = 1; k < clips.size(); k++) {
                    if (clips.get(k).distanceTo(clips.get(k - 1)) < SAME) {
                        return Optional.of(Phrase.of(
                                "{}: two points of its cable lie on each other; take a clip away or move an end",
                                control.label()));
                    }
                }
                links.add(new Link.Cable(clips.get(0), clips.get(clips.size() - 1), 0, 0));
            } else {
                links.add(new Link.Rod());
            }
        }
        return new ControlTrain(levers(control, standing), links)
                .deadAtRest()
                .map(link -> Phrase.of(
                        "{}: link {} pulls straight at the pin of the lever it works, or has no length: it cannot turn it; turn"
                                + " that lever on its shaft or move an end",
                        control.label(),
                        Integer.toString(link + 1)));
    }
}
