package oddcradle.desktop.stops;

import oddcradle.core.finding.Stop;
import oddcradle.core.job.DrivenEnd;
import oddcradle.core.job.JobEdit;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.units.Kind;
import oddcradle.desktop.slate.FigureList;
import oddcradle.desktop.slate.QuantityField;
import oddcradle.desktop.slate.StopSlate;
import oddcradle.desktop.store.Desk;

final class LineSlate extends StopSlate {
    private static final int FEWEST = 6;
    private static final int MOST = 120;

    LineSlate(Desk desk) {
        super(desk, Stop.LINE);
        section("Sprockets");
        QuantityField front = new QuantityField("teeth-front", "Front teeth", Kind.COUNT, teeth -> desk.session()
                .apply(new JobEdit.SetDriverTeeth(whole(teeth))));
        QuantityField rear = new QuantityField("teeth-rear", "Rear teeth", Kind.COUNT, teeth -> desk.session()
                .apply(new JobEdit.SetDrivenTeeth(whole(teeth))));
        QuantityField offset =
                new QuantityField("sprocket-offset", "Rear sprocket left", Kind.LENGTH, to -> desk.session()
                        .apply(new JobEdit.ShiftDrivenSprocket(
                                to - desk.session().job().host().drivenEnd().sprocketOffset())));
        add(front, rear, offset);
        onRefresh(() -> {
            DrivenEnd driven = desk.session().job().host().drivenEnd();
            front.show(desk.session().job().donor().output().teeth(), desk.units());
            rear.show(driven.teeth(), desk.units());
            offset.show(driven.sprocketOffset(), desk.units());
        });
        section("The chain");
        figures(new FigureList(desk, Stop.LINE));
        caution("Rotating parts: guard chain and sprockets before the first start.");
    }

    private static int whole(double teeth) {
        if (teeth != Math.rint(teeth) || teeth < FEWEST || teeth > MOST) {
            throw new InvalidValue("teeth", "must be a whole number from " + FEWEST + " to " + MOST);
        }
        return (int) teeth;
    }
}
