package oddcradle.desktop.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import javafx.scene.layout.VBox;
import javafx.stage.Stage;
import oddcradle.core.engine.Crank;
import oddcradle.core.finding.Step;
import oddcradle.core.geometry.mesh.SimulatedScanner;
import oddcradle.core.job.body.Scan;
import oddcradle.core.job.donor.Donor;
import oddcradle.core.job.edit.BodyEdit;
import oddcradle.core.job.edit.Side;
import oddcradle.core.job.host.Host;
import oddcradle.core.job.host.HostMass;
import oddcradle.core.job.tube.Anchor;
import oddcradle.core.job.tube.Member;
import oddcradle.core.job.tube.Node;
import oddcradle.core.math.Vec3;
import oddcradle.core.mounting.BondedPad;
import oddcradle.core.placement.Bodies;
import oddcradle.files.mesh.LengthUnit;
import oddcradle.files.mesh.MeshFiles;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;

/** What used to be in the file alone: how the donor runs, its holes, what the frame stands on, and a scan of the host. */
@ExtendWith(ApplicationExtension.class)
class RunningAndFrameSheetsTest extends WindowDriver {
    @Start
    void start(Stage stage) {
        open(stage);
    }

    private Donor donor() {
        return desk.session().job().donor();
    }

    private Host host() {
        return desk.session().job().host();
    }

    @Test
    void gearsCurveAndCrank_areTypedInAndWrongOnesSaySo(FxRobot robot) {
        at(robot, Step.DONOR, "running");
        Crank before = donor().engine().crank().orElseThrow();
        enter(robot, "#gear-ratios", "3.1 2.2 1.6");
        assertThat(donor().engine().gearRatios()).containsExactly(3.1, 2.2, 1.6);
        enter(robot, "#torque-curve", "2000 28; 1500 30");
        assertThat(text(robot, "#torque-curve-problem")).contains("no faster");
        enter(robot, "#torque-curve", "2000 28; 6500 31ft.lbf");
        assertThat(donor().engine().curve()).hasSize(2);
        assertThat(donor().engine().curve().get(1).torque()).isCloseTo(31 * 0.3048 * 4.4482216152605, within(1e-9));
        enter(robot, "#throws", "0 180");
        assertThat(donor().engine().crank().orElseThrow().throwAngles()).containsExactly(0.0, Math.PI);
        assertThat(donor().engine().crank().orElseThrow().cylinderAngles()).isEqualTo(before.cylinderAngles());
        enter(robot, "#throws", "0");
        assertThat(text(robot, "#throws-problem")).contains("one for each cylinder");
        enter(robot, "#cruise", "900");
        assertThat(text(robot, "#cruise-problem")).contains("more than idle");
        click(robot, "#crank-twin-270");
        settled();
        assertThat(desk.session().job().donor().engine().crank().orElseThrow().throwAngles())
                .containsExactly(0.0, Math.toRadians(270));
        assertThat(robot.lookup("#torque-chart").query().isVisible()).isTrue();
    }

    @Test
    void holeOfABoss_isWrittenDown(FxRobot robot) {
        at(robot, Step.DONOR, "engine");
        enter(robot, "#boss-thread", "M10x1.25");
        enter(robot, "#boss-axis", "0 1 0.2");
        enter(robot, "#boss-bore", "3/8");
        assertThat(donor().bosses().get(0).hole().thread()).isEqualTo("M10x1.25");
        assertThat(donor().bosses().get(0).axis()).isEqualTo(new Vec3(0, 1, 0.2));
        assertThat(donor().bosses().get(0).bore()).isCloseTo(0.009525, within(1e-12));
        enter(robot, "#boss-axis", "0 0 0");
        assertThat(text(robot, "#boss-axis-problem")).contains("zero vector");
    }

    @Test
    void hardPointAndSupport_areSetAndTakenAway(FxRobot robot) {
        at(robot, Step.HOST, "frame");
        fill(robot, "#hard-point-called", "P9");
        fill(robot, "#hard-point-what-it-is", "seat rail");
        fill(robot, "#hard-point-node", "nowhere");
        click(robot, "#hard-point-take");
        assertThat(text(robot, "#hard-point-problem")).contains("nowhere");
        fill(robot, "#hard-point-node", "ML");
        click(robot, "#hard-point-take");
        settled();
        assertThat(host().hardPoints()).anyMatch(point -> point.id().equals("P9"));
        click(robot, "#P9-away");
        settled();
        assertThat(host().hardPoints()).noneMatch(point -> point.id().equals("P9"));
        int supports = host().supports().size();
        fill(robot, "#support-node", "FL");
        click(robot, "#support-take");
        settled();
        assertThat(host().supports()).hasSize(supports + 1);
        fill(robot, "#support-node", "FL");
        fill(robot, "#support-rubber-foot", "44 55");
        click(robot, "#support-take");
        assertThat(text(robot, "#support-problem")).contains("Shore A, such as 44 55 40");
        fill(robot, "#support-rubber-foot", "44 55 40");
        click(robot, "#support-take");
        settled();
        assertThat(host().supports())
                .hasSize(supports + 1)
                .anyMatch(each -> each.node().equals("FL")
                        && each.foot()
                                .filter(foot -> foot.element().equals(new BondedPad(0.044, 0.055, 40)))
                                .isPresent());
    }

    @Test
    void machineIsWeighed_andWhatItCarriesIsListed(FxRobot robot) {
        at(robot, Step.HOST, "masses");
        fill(robot, "#machine-weighs", "700 lb");
        fill(robot, "#machine-centre-of-gravity", "640 0 420");
        click(robot, "#machine-take");
        settled();
        assertThat(host().weight().orElseThrow().mass()).isCloseTo(317.5, within(0.1));
        assertThat(text(robot, "#machine-weight")).contains("317.5 kg");
        int listed = host().masses().size();
        fill(robot, "#mass-called", "ice box");
        fill(robot, "#mass-weighs", "30 kg");
        fill(robot, "#mass-centre-of-gravity", "1000 0 500");
        fill(robot, "#mass-carried-by", "nowhere");
        click(robot, "#mass-take");
        assertThat(text(robot, "#mass-problem")).contains("nowhere");
        fill(robot, "#mass-carried-by", "CL CR");
        click(robot, "#mass-take");
        settled();
        assertThat(host().masses()).hasSize(listed + 1);
        assertThat(host().masses().get(listed).nodes()).containsExactly("CL", "CR");
        double people = host().masses().subList(0, listed).stream()
                .mapToDouble(HostMass::mass)
                .sum();
        assertThat(text(robot, "#machine-whole")).contains(Math.round(10 * (317.5147 + people + 30)) / 10.0 + " kg");
        click(robot, "#mass-ice-box-away");
        settled();
        assertThat(host().masses()).hasSize(listed);
    }

    @Test
    void aTubeMissingFromTheFrame_isTracedOnItsScan(FxRobot robot, @TempDir Path folder) throws IOException {
        Member lost = host().member("H6L").orElseThrow();
        Map<String, Vec3> places = new LinkedHashMap<>();
        for (Node node : host().nodes()) {
            places.put(node.id(), ((Anchor.At) node.anchor()).point());
        }
        MeshFiles.writeStl(
                folder.resolve("frame.stl"),
                SimulatedScanner.scan(
                        Bodies.surfaces(
                                desk.examination().job(), desk.examination().seating(), Side.HOST),
                        0.0003,
                        0,
                        new Random(2)),
                LengthUnit.MILLIMETRE);
        List<Scan.Pick> picks = List.of("AL", "AR", "CL", "FR").stream()
                .map(id -> new Scan.Pick(id, places.get(id)))
                .toList();
        robot.interact(() -> {
            window.files().saveAs(folder.resolve("traced.cradle.json"));
            Host other = host().withMembers(host().members().stream()
                            .filter(member -> !member.id().equals(lost.id()))
                            .toList())
                    .withScan(Optional.of(new Scan("frame.stl", 0.001, picks)));
            desk.apply(new BodyEdit.ChangeHost(other, "scan", "scan"));
        });
        at(robot, Step.HOST, "scan");
        until(() -> desk.examination().scans().of("frame.stl").isPresent());
        Vec3 from = places.get(lost.nodes().get(0));
        Vec3 to = places.get(lost.nodes().get(1));
        Vec3 side =
                to.minus(from).unit().anyPerpendicular().times(lost.section().outerRadius());
        click(robot, "#trace-pick");
        robot.interact(() -> {
            desk.pickOnScan(from.towards(to, 0.02).plus(side));
            desk.pickOnScan(from.towards(to, 0.98).plus(side));
        });
        until(() ->
                robot.lookup("#trace-runs").queryAs(VBox.class).getChildren().size() == 2);
        fill(robot, "#trace-called", "H40");
        click(robot, "#trace-take");
        settled();
        Member traced = host().member("H40").orElseThrow();
        assertThat(traced.nodes()).isEqualTo(lost.nodes());
        assertThat(traced.section().outerRadius()).isCloseTo(lost.section().outerRadius(), within(1e-4));
    }
}
