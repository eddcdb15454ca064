package oddcradle.desktop.step.make;

import java.util.List;
import java.util.Optional;
import javafx.scene.control.Label;
import oddcradle.core.finding.Step;
import oddcradle.core.hardware.HardwareItem;
import oddcradle.core.step.make.CutTube;
import oddcradle.core.units.Kind;
import oddcradle.core.units.Quantity;
import oddcradle.desktop.look.Palette;
import oddcradle.desktop.slate.FigureList;
import oddcradle.desktop.slate.StepSlate;
import oddcradle.desktop.slate.Table;
import oddcradle.desktop.store.Desk;

public final class MakeSlate extends StepSlate {
    private final Table<CutTube> cuts;

    public MakeSlate(Desk desk, Palette palette) {
        super(desk, Step.MAKE);
        figures(new FigureList(desk, Step.MAKE, figure -> !figure.name().endsWith("cut length")));
        Label title = section("");
        cuts = new Table<>(
                "cut",
                cut -> cut.tube().id(),
                List.of(
                        Table.Column.words("tube", cut -> cut.tube().named()),
                        Table.Column.words(
                                "section", cut -> cut.tube().section().in(desk.units())),
                        Table.Column.numbers(
                                "length",
                                () -> desk.units().typedUnit(Kind.LENGTH),
                                CutTube::cutLength,
                                cut -> desk.units().number(Quantity.length(cut.cutLength())))),
                cut -> desk.selectionProperty().set(Optional.of(cut.tube().id())));
        cuts.whenEmpty("No tube of the cradle yet.");
        add(cuts);
        WrapPicture picture = new WrapPicture(palette);
        section("Unrolled ends of the picked tube");
        add(picture);
        section("Hardware");
        Table<HardwareItem> hardware = new Table<>(
                "hardware",
                item -> item.mount() + "-" + item.kind() + "-" + item.size(),
                List.of(
                        Table.Column.words(
                                "item",
                                item -> item.kind().word() + ", " + item.size().in(desk.units())),
                        Table.Column.words("mount", HardwareItem::mount),
                        Table.Column.numbers(
                                "count",
                                () -> "",
                                item -> (double) item.count(),
                                item -> Integer.toString(item.count()))),
                item -> desk.selectionProperty().set(Optional.of(item.mount())));
        hardware.whenEmpty("No lug is mounted yet.");
        add(hardware);
        onRefresh(() -> {
            title.setText("Cut list, lengths in " + desk.units().typedUnit(Kind.LENGTH));
            cuts.show(desk.examination().cutList());
            picked().ifPresent(tube -> {
                cuts.pickOnly(tube.tube().id());
                picture.show(tube, desk.units());
            });
            hardware.show(desk.examination().hardware().items());
        });
        caution("Welding: drain and remove the tank, disconnect the battery, keep an extinguisher at hand.");
    }

    private Optional<CutTube> picked() {
        List<CutTube> tubes = desk.examination().cutList();
        return tubes.stream()
                .filter(tube -> desk.selectionProperty()
                        .get()
                        .filter(tube.tube().id()::equals)
                        .isPresent())
                .findFirst()
                .or(() -> tubes.stream()
                        .filter(tube -> tube.first().cope().isPresent())
                        .findFirst());
    }
}
