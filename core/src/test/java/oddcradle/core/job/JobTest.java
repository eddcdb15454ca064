package oddcradle.core.job;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import oddcradle.core.drive.Stage;
import oddcradle.core.job.body.Freedom;
import oddcradle.core.job.cradle.Isolator;
import oddcradle.core.job.donor.Cycle;
import oddcradle.core.job.donor.Engine;
import oddcradle.core.job.edit.JobEdit;
import oddcradle.core.job.edit.LineEdit;
import oddcradle.core.job.tube.Anchor;
import oddcradle.core.job.tube.Member;
import oddcradle.core.job.tube.Node;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.math.Vec3;
import oddcradle.core.mounting.BondedPad;
import oddcradle.core.section.Tube;
import oddcradle.core.units.UnitStyle;
import org.junit.jupiter.api.Test;

class JobTest {
    private static final Job JOB = TestJobs.plain();

    private static Job withMember(Member member) {
        List<Member> members = new ArrayList<>(JOB.cradle().members());
        members.add(member);
        return JOB.withCradle(JOB.cradle().withMembers(members));
    }

    private static Member tube(String id, String material, String... nodes) {
        return Member.sound(id, "tube", List.of(nodes), new Tube(0.025, 0.002), material);
    }

    @Test
    void names_mustPointAtSomething() {
        assertThatThrownBy(() -> withMember(tube("C9", "steel", "S1", "nowhere")))
                .isInstanceOf(InvalidValue.class)
                .hasMessage("cradle.members[2].nodes[1] names the node \"nowhere\", which does not exist");
        assertThatThrownBy(() -> withMember(tube("C9", "cheese", "S1", "S2"))).hasMessageContaining("cheese");
        assertThatThrownBy(() -> withMember(tube("C1", "steel", "S1", "S2"))).hasMessageContaining("repeats \"C1\"");
        assertThatThrownBy(() -> withMember(tube("C9", "steel", "S1", "S1"))).hasMessageContaining("has no length");
        assertThatThrownBy(() -> tube("C9", "steel", "S1")).hasMessageContaining("at least two");
    }

    @Test
    void twoIsolatorsInOnePlace_areRefused() {
        List<Isolator> five = new ArrayList<>(JOB.cradle().isolators());
        five.add(new Isolator("M5", "B1", "S1", Vec3.Z, new BondedPad(0.05, 0.02, 50), 0.1));
        assertThatThrownBy(() -> JOB.withCradle(JOB.cradle().withIsolators(five)))
                .isInstanceOf(InvalidValue.class)
                .hasMessageContaining("cradle.isolators[4].boss")
                .hasMessageContaining("two isolators cannot stand in one place");
    }

    @Test
    void anchorsInARing_areNamed() {
        List<Node> nodes = new ArrayList<>(JOB.cradle().nodes());
        nodes.add(new Node("X", new Anchor.OnMember("H1L", "Y", Vec3.ZERO)));
        nodes.add(new Node("Y", new Anchor.OnMember("H1R", "X", Vec3.ZERO)));
        assertThatThrownBy(() -> JOB.withCradle(JOB.cradle().withNodes(nodes)))
                .isInstanceOf(InvalidValue.class)
                .hasMessageContaining("leads back to node \"X\" itself");
    }

    @Test
    void extremeSeats_areRefusedAtTheirField() {
        assertThatThrownBy(() -> new JobEdit.SetSeat(Freedom.UP, 1e6).applyTo(JOB))
                .isInstanceOf(InvalidValue.class)
                .hasMessageContaining("position[2]");
        assertThatThrownBy(() -> new JobEdit.SetSeat(Freedom.YAW, Double.NaN).applyTo(JOB))
                .hasMessageContaining("yaw is NaN");
    }

    @Test
    void moving_respectsHeldFreedoms() {
        Job moved = new JobEdit.MoveSeat(new Vec3(0.01, 0.02, 0.03)).applyTo(JOB);
        assertThat(moved.seat().position().minus(JOB.seat().position()).distanceTo(new Vec3(0.01, 0, 0.03)))
                .isLessThan(1e-15);
        Job freed = new JobEdit.HoldSeat(Freedom.LEFT, false).applyTo(JOB);
        assertThat(new JobEdit.MoveSeat(Vec3.Y.times(0.02))
                        .applyTo(freed)
                        .seat()
                        .position()
                        .y())
                .isCloseTo(0.02, within(1e-15));
        assertThat(new JobEdit.HoldSeat(Freedom.LEFT, true).applyTo(freed)).isEqualTo(JOB);
        assertThat(new JobEdit.SetSeat(Freedom.LEFT, 0.005).applyTo(JOB).seat().value(Freedom.LEFT))
                .isEqualTo(0.005);
    }

    @Test
    void edits_changeWhatTheySay_andNothingElse() {
        Stage.Chain chain = (Stage.Chain)
                new LineEdit.SetTeeth("S1", 16, 44).applyTo(JOB).line().stages().get(0);
        assertThat(chain.driverTeeth()).isEqualTo(16);
        assertThat(chain.drivenTeeth()).isEqualTo(44);
        assertThat(new JobEdit.ShiftDrivenSprocket(-0.002)
                        .applyTo(JOB)
                        .host()
                        .drivenEnd()
                        .sprocketOffset())
                .isCloseTo(0.118, within(1e-15));
        Job softer = new JobEdit.SetHardness(List.of("M2"), 40).applyTo(JOB);
        assertThat(softer.cradle().isolators().get(1).element().shore()).contains(40.0);
        assertThat(softer.cradle().isolators().get(0))
                .isEqualTo(JOB.cradle().isolators().get(0));
        Tube thick = new Tube(0.05, 0.004);
        assertThat(new JobEdit.SetSection("H2", thick)
                        .applyTo(JOB)
                        .member("H2")
                        .orElseThrow()
                        .section())
                .isEqualTo(thick);
        assertThat(new JobEdit.SetSection("C2", thick).applyTo(JOB).member("C1"))
                .isEqualTo(JOB.member("C1"));
        Job landed = new JobEdit.LandNode("PFL", "H1R", "S1").applyTo(JOB);
        assertThat(((Anchor.OnMember) landed.cradle().nodes().get(4).anchor()).member())
                .isEqualTo("H1R");
    }

    @Test
    void labels_sayWhatWillHappen() {
        assertThat(words(new JobEdit.MoveSeat(new Vec3(0, 0, 0.0062)))).isEqualTo("seat 6.2 mm up");
        assertThat(words(new JobEdit.MoveSeat(new Vec3(0, 0, -0.001)))).isEqualTo("seat 1.0 mm down");
        assertThat(words(new JobEdit.MoveSeat(new Vec3(-0.002, 0, 0)))).isEqualTo("seat 2.0 mm rearward");
        assertThat(words(new JobEdit.MoveSeat(new Vec3(0, 0.002, 0)))).isEqualTo("seat 2.0 mm left");
        assertThat(words(new JobEdit.MoveSeat(new Vec3(0.003, 0, 0.004)))).isEqualTo("seat 3.0 mm forward, 4.0 mm up");
        assertThat(words(new JobEdit.SetHardness(List.of("M1", "M2"), 50))).isEqualTo("all isolators 50 Shore A");
        assertThat(words(new JobEdit.ShiftDrivenSprocket(-0.0046))).isEqualTo("rear sprocket spacer 4.6 mm");
        assertThat(words(new JobEdit.SetSeat(Freedom.PITCH, 0.1))).isEqualTo("seat pitch 5.73 °");
        assertThat(words(new JobEdit.HoldSeat(Freedom.UP, true))).isEqualTo("hold up");
        assertThat(words(new LineEdit.SetTeeth("S1", 14, 41))).isEqualTo("sprockets 14 to 41");
        assertThat(words(new JobEdit.LandNode("N", "H1", "M"))).isEqualTo("land N on H1");
    }

    private static String words(JobEdit edit) {
        return edit.label().in(UnitStyle.MILLIMETRES);
    }

    @Test
    void firingOrder_isHalfTheCylindersPerTurnForFourStrokes() {
        Engine four = Engine.plain("flat four", 4, Cycle.FOUR_STROKE, 80, 250, 100, 200, 1, List.of(1.0));
        Engine two = Engine.plain("single", 1, Cycle.TWO_STROKE, 150, 500, 20, 400, 2, List.of(2.0));
        assertThat(four.firingFrequency(2 * Math.PI * 10)).isCloseTo(20, within(1e-12));
        assertThat(two.firingFrequency(2 * Math.PI * 10)).isCloseTo(10, within(1e-12));
        assertThatThrownBy(() -> Engine.plain("x", 2, Cycle.TWO_STROKE, 500, 100, 1, 1, 1, List.of(1.0)))
                .hasMessageContaining("cruiseSpeed");
        assertThatThrownBy(() -> Engine.plain("x", 2, Cycle.TWO_STROKE, 100, 500, 1, 1, 1, List.of()))
                .hasMessageContaining("gearRatios");
    }
}
