package oddcradle.core.card;

import java.util.List;
import java.util.function.Function;
import oddcradle.core.card.Field.Column;
import oddcradle.core.card.Field.Named;
import oddcradle.core.job.Job;
import oddcradle.core.math.Vec3;
import oddcradle.core.units.Kind;
import oddcradle.core.weigh.DensityClass;
import oddcradle.core.weigh.Weighing;

/** The fields of each way to weigh. */
final class WeighingFields {
    private WeighingFields() {}

    static FieldsOf<?> of(Weighing weighing, List<Named> bodies, Function<Weighing, Job> put) {
        if (weighing instanceof Weighing.Scales scales) {
            return new FieldsOf<>(scales, put::apply)
                    .table(
                            "place and mass on each scale",
                            List.of(
                                    new Column("forward", Kind.LENGTH),
                                    new Column("left", Kind.LENGTH),
                                    new Column("up", Kind.LENGTH),
                                    new Column("mass", Kind.MASS)),
                            each -> each.readings().stream()
                                    .map(one -> List.of(
                                            one.point().x(),
                                            one.point().y(),
                                            one.point().z(),
                                            one.mass()))
                                    .toList(),
                            (each, rows) -> each.withReadings(rows.stream()
                                    .map(row -> new Weighing.ScaleReading(
                                            new Vec3(row.get(0), row.get(1), row.get(2)), row.get(3)))
                                    .toList()))
                    .measure("each scale within", Kind.MASS, Weighing.Scales::sigma, Weighing.Scales::withSigma);
        }
        if (weighing instanceof Weighing.Tilt tilt) {
            return new FieldsOf<>(tilt, put::apply)
                    .place("pivot", Weighing.Tilt::pivot, Weighing.Tilt::withPivot)
                    .place("lifted at", Weighing.Tilt::raised, Weighing.Tilt::withRaised)
                    .angle("lifted by", Weighing.Tilt::angle, Weighing.Tilt::withAngle)
                    .measure("scale shows", Kind.MASS, Weighing.Tilt::mass, Weighing.Tilt::withMass)
                    .measure("scale within", Kind.MASS, Weighing.Tilt::sigma, Weighing.Tilt::withSigma)
                    .angle("angle within", Weighing.Tilt::angleSigma, Weighing.Tilt::withAngleSigma);
        }
        if (weighing instanceof Weighing.Hang hang) {
            return new FieldsOf<>(hang, put::apply)
                    .place("hung from", Weighing.Hang::point, Weighing.Hang::withPoint)
                    .way("plumb line points", Weighing.Hang::down, Weighing.Hang::withDown)
                    .angle("angle within", Weighing.Hang::angleSigma, Weighing.Hang::withAngleSigma);
        }
        if (weighing instanceof Weighing.Pendulum swing) {
            return new FieldsOf<>(swing, put::apply)
                    .way("axis upright", Weighing.Pendulum::axis, Weighing.Pendulum::withAxis)
                    .length("wires from the axis", Weighing.Pendulum::radius, Weighing.Pendulum::withRadius)
                    .length("wires long", Weighing.Pendulum::length, Weighing.Pendulum::withLength)
                    .measure("one full swing", Kind.TIME, Weighing.Pendulum::period, Weighing.Pendulum::withPeriod)
                    .measure(
                            "swing within",
                            Kind.TIME,
                            Weighing.Pendulum::periodSigma,
                            Weighing.Pendulum::withPeriodSigma)
                    .length("lengths within", Weighing.Pendulum::lengthSigma, Weighing.Pendulum::withLengthSigma);
        }
        return new FieldsOf<>((Weighing.Estimate) weighing, put::apply)
                .each(Weighing.Estimate::shares, Weighing.Estimate::withShares, (share, number) -> share.choice(
                                "part",
                                bodies,
                                Weighing.PartDensity::part,
                                (each, part) -> new Weighing.PartDensity(part, each.density()))
                        .one(
                                "is like",
                                DensityClass.values(),
                                DensityClass::words,
                                Weighing.PartDensity::density,
                                (each, density) -> new Weighing.PartDensity(each.part(), density)))
                .measure("within", Kind.SHARE, Weighing.Estimate::relativeSigma, Weighing.Estimate::withRelativeSigma);
    }
}
