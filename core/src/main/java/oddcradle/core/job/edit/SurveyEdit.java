package oddcradle.core.job.edit;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import oddcradle.core.finding.Phrase;
import oddcradle.core.job.FreeMark;
import oddcradle.core.job.Job;
import oddcradle.core.job.donor.Boss;
import oddcradle.core.job.donor.BossHole;
import oddcradle.core.job.tube.Anchor;
import oddcradle.core.job.tube.Node;
import oddcradle.core.math.Vec3;
import oddcradle.core.survey.AdjustedPoint;
import oddcradle.core.survey.DatumPlane;
import oddcradle.core.survey.Instrument;
import oddcradle.core.survey.Reading;
import oddcradle.core.survey.Survey;
import oddcradle.core.survey.SurveyAdjustment;
import oddcradle.core.survey.SurveyPoint;
import oddcradle.core.survey.SurveyResult;
import oddcradle.core.units.Quantity;

/** What is written down while measuring. */
public sealed interface SurveyEdit extends JobEdit {
    /** A new reading, or another value for the one with its id. */
    record SetReading(Side side, Reading reading) implements SurveyEdit {
        @Override
        public Job applyTo(Job job) {
            return side.withSurvey(job, side.survey(job).with(reading));
        }

        @Override
        public Phrase label() {
            Quantity value = reading instanceof Reading.Slope
                    ? Quantity.angle(reading.value())
                    : Quantity.length(reading.value());
            return Phrase.of("{} as {} ({})", reading.id(), value, String.join(" to ", reading.points()));
        }

        @Override
        public String mergeKey() {
            return "reading." + side + "." + reading.id();
        }
    }

    /** Takes a reading away, to be measured again. */
    record DropReading(Side side, String reading) implements SurveyEdit {
        @Override
        public Job applyTo(Job job) {
            return side.withSurvey(job, side.survey(job).withoutReading(reading));
        }

        @Override
        public Phrase label() {
            return Phrase.of("strike {} out", reading);
        }

        @Override
        public String mergeKey() {
            return "drop." + side + "." + reading;
        }
    }

    /** A new point to measure, or another description of the one with its id. */
    record SetPoint(Side side, SurveyPoint point) implements SurveyEdit {
        @Override
        public Job applyTo(Job job) {
            return side.withSurvey(job, side.survey(job).with(point));
        }

        @Override
        public Phrase label() {
            return Phrase.of("point {} {}", point.id(), point.label());
        }

        @Override
        public String mergeKey() {
            return "point." + side + "." + point.id();
        }
    }

    /**
     * A boss or node that is not there yet, made by its readings from the three datum planes.
     *
     * @param read forward, left and up, m
     * @param bore of a boss, m; 0 where it has no hole yet
     */
    record MakePlace(Side side, String id, String called, Vec3 read, double bore, Instrument with)
            implements SurveyEdit {
        @Override
        public Job applyTo(Job job) {
            Survey survey = side.survey(job).with(SurveyPoint.of(id, called, read, bore, false));
            for (DatumPlane plane : DatumPlane.values()) {
                double value = read.dot(plane.direction());
                survey = survey.with(new Reading.Offset(free(survey), id, plane, value, with, with.lengthSigma()));
            }
            Job placed =
                    switch (side) {
                        case DONOR -> withBoss(job);
                        case HOST -> withNode(job);
                        case MOUNT -> job;
                    };
            return side.withSurvey(placed, survey);
        }

        private static String free(Survey survey) {
            return FreeMark.of("R", survey.readings().stream().map(Reading::id).toList());
        }

        private Job withBoss(Job job) {
            List<Boss> bosses = new ArrayList<>(job.donor().bosses());
            Vec3 axis = bosses.stream().findFirst().map(Boss::axis).orElse(Vec3.Z);
            bosses.add(new Boss(id, called, read, axis, bore, BossHole.UNKNOWN));
            return job.withDonor(job.donor().withBosses(bosses));
        }

        private Job withNode(Job job) {
            List<Node> nodes = new ArrayList<>(job.host().nodes());
            nodes.add(new Node(id, new Anchor.At(read)));
            return job.withHost(job.host().withNodes(nodes));
        }

        @Override
        public Phrase label() {
            return Phrase.of("measure a new {} {}", side == Side.DONOR ? "boss" : "node", called);
        }

        @Override
        public String mergeKey() {
            return "make." + side + "." + id;
        }
    }

    /** Puts the bosses or nodes where their readings say; points that are not known stay. */
    record TakeSurvey(Side side) implements SurveyEdit {
        @Override
        public Job applyTo(Job job) {
            SurveyResult result = SurveyAdjustment.of(side.survey(job));
            if (side == Side.MOUNT) {
                // It is where it is: nothing of the drawing follows it.
                return job;
            }
            if (side == Side.DONOR) {
                List<Boss> bosses = job.donor().bosses().stream()
                        .map(boss -> known(result, boss.id()).map(boss::at).orElse(boss))
                        .toList();
                return job.withDonor(job.donor().withBosses(bosses));
            }
            List<Node> nodes = job.host().nodes().stream()
                    .map(node -> known(result, node.id())
                            .map(at -> new Node(node.id(), new Anchor.At(at)))
                            .orElse(node))
                    .toList();
            return job.withHost(job.host().withNodes(nodes));
        }

        private static Optional<Vec3> known(SurveyResult result, String id) {
            return result.point(id).filter(AdjustedPoint::known).map(AdjustedPoint::position);
        }

        @Override
        public Phrase label() {
            return Phrase.of(side == Side.DONOR ? "bosses as measured" : "nodes as measured");
        }

        @Override
        public String mergeKey() {
            return "take." + side;
        }
    }
}
