package oddcradle.core.begin;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import oddcradle.core.examine.Examination;
import oddcradle.core.finding.Finding;
import oddcradle.core.finding.Severity;
import oddcradle.core.finding.Step;
import oddcradle.core.job.Job;
import oddcradle.core.job.host.DrivenEnd;
import oddcradle.core.job.host.Host;
import oddcradle.core.job.host.HostMass;
import oddcradle.core.job.host.HostPlan;
import oddcradle.core.job.tube.Anchor;
import oddcradle.core.job.tube.Member;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.math.Vec3;
import oddcradle.core.structure.CradleFrame;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;

class MachineFamilyTest {
    private static Job job(MachineFamily family, HostPlan plan, EngineBox engine) {
        FirstFit fit = FirstFit.of(NewJob.asked(family, plan, engine), NewJob.ROOM);
        return NewJob.of("mine", family, plan, engine, fit);
    }

    /** Who begins with what is usual is told what is still to be done, and of nothing wrong. */
    @ParameterizedTest
    @EnumSource
    void usualMachine_lacksNothingButItsMounts(MachineFamily family) {
        assertThat(FirstFit.of(NewJob.asked(family, family.usual(), family.engine()), NewJob.ROOM)
                        .fits())
                .isTrue();
        Examination examination = Examination.of(job(family, family.usual(), family.engine()));
        Set<String> wrong = Stream.of(Step.values())
                .flatMap(step -> examination.report(step).findings().stream())
                .filter(each -> each.severity() == Severity.STOP || each.severity() == Severity.WATCH)
                .map(Finding::code)
                .map(code -> code.id())
                .collect(Collectors.toSet());
        assertThat(wrong).containsExactlyInAnyOrder("cradle.no-isolator", "load.floating");
    }

    @Property(tries = 150)
    void anyMeasuresWithinBounds_makeAMachineThatStands(@ForAll MachineFamily family, @ForAll long seed) {
        Random random = new Random(seed);
        Map<String, Double> measures = new HashMap<>();
        for (FloorMeasure each : family.measures()) {
            measures.put(each.id(), each.least() + random.nextDouble() * (each.most() - each.least()));
        }
        double tube = measures.getOrDefault(
                "tube", measures.getOrDefault("runner", measures.getOrDefault("rail-width", 1.0)));
        measures.compute("wall", (id, wall) -> Math.min(wall, tube / 3));
        HostPlan plan = new HostPlan(family.id(), measures);
        PlannedMachine machine = family.machine("any", plan);
        assertThat(machine.bay().size().x()).isPositive();
        assertThat(machine.bay().size().y()).isPositive();
        assertThat(machine.bay().size().z()).isPositive();
        assertThat(machine.dimensions())
                .extracting(Dimension::measure)
                .containsExactlyInAnyOrderElementsOf(
                        family.measures().stream().map(FloorMeasure::id).toList());
        // Each measure is where it says, but for those that keep a least room of their own.
        Dimension width = machine.dimensions().stream()
                .filter(each -> each.measure().equals("width") || each.measure().equals("lower"))
                .findFirst()
                .orElseThrow();
        assertThat(width.from().distanceTo(width.to())).isCloseTo(measures.get(width.measure()), within(1e-9));
        Job job = job(family, plan, family.engine());
        CradleFrame.Built frame = new CradleFrame.Built(Examination.of(job).frameInput(), Map.of(), Map.of());
        assertThat(frame.alone().flatMap(CradleFrame::standing)).isPresent();
    }

    /** A stub of a millimetre would be as stiff as a thousand rails, and nobody could weld it. */
    @ParameterizedTest
    @ValueSource(doubles = {-0.07, -0.0009, 0, 0.0007, 0.02, 0.09})
    void axleAboutLevelWithTheRails_hangsOnThemOrFarEnoughOff(double above) {
        for (MachineFamily family : List.of(MachineFamily.KART, MachineFamily.CARGO)) {
            double thick = family.usual().measures().getOrDefault("tube", 0.06);
            double tyre = 0.2;
            HostPlan plan = family.usual().with("tyre", tyre).with("clearance", tyre - above - thick / 2);
            Host host = family.machine("any", plan).host();
            DrivenEnd axle = host.drivenEnd();
            assertThat(axle.point().z()).isCloseTo(tyre, within(1e-12));
            for (String bearing : axle.bearings()) {
                double off = Math.abs(place(host, bearing).z() - tyre);
                assertThat(off).isLessThan(thick);
            }
            assertThat(host.members())
                    .allSatisfy(tube -> assertThat(shortestPiece(host, tube)).isGreaterThan(0.9 * thick));
        }
    }

    private static double shortestPiece(Host host, Member tube) {
        List<Vec3> through =
                tube.nodes().stream().map(each -> place(host, each)).toList();
        return IntStream.range(1, through.size())
                .mapToDouble(k -> through.get(k).distanceTo(through.get(k - 1)))
                .min()
                .orElseThrow();
    }

    private static Vec3 place(Host host, String node) {
        return host.nodes().stream()
                .filter(each -> each.id().equals(node))
                .map(each -> ((Anchor.At) each.anchor()).point())
                .findFirst()
                .orElseThrow();
    }

    @ParameterizedTest
    @EnumSource
    void changedByHand_isNoLongerPlanned(MachineFamily family) {
        Host drawn = job(family, family.usual(), family.engine()).host();
        assertThat(MachineFamily.stillPlanned(drawn)).contains(family.usual());
        List<Member> fewer = drawn.members().subList(1, drawn.members().size());
        assertThat(MachineFamily.stillPlanned(drawn.withMembers(fewer))).isEmpty();
        // What is no tube may be changed without losing the measures.
        assertThat(MachineFamily.stillPlanned(drawn.withMasses(List.of()).withName("hers")))
                .isPresent();
    }

    @Test
    void measureOutsideItsBounds_isRefusedByTheNameItWasAskedUnder() {
        HostPlan absurd = MachineFamily.KART.usual().with("wheelbase", 9);
        assertThatThrownBy(() -> MachineFamily.KART.machine("mine", absurd))
                .isInstanceOf(InvalidValue.class)
                .hasMessageContaining("wheelbase");
    }

    @ParameterizedTest
    @EnumSource
    void otherMeasure_redrawsWhatIsUntouchedAndKeepsWhatIsNot(MachineFamily family) {
        Host drawn = job(family, family.usual(), family.engine()).host();
        HostMass own = new HostMass("own", "toolbox", HostMass.Sort.CARGO, 12, Vec3.Z, List.of(), true);
        HostMass heavier = drawn.masses().get(0).withMass(111);
        List<HostMass> masses = new ArrayList<>(drawn.masses());
        masses.set(0, heavier);
        masses.add(own);
        FloorMeasure measure = family.measures().get(0);
        double longer = measure.usual() + 0.05;
        Host anew = Replanned.of(drawn.withMasses(masses), family.usual().with(measure.id(), longer));
        assertThat(anew.masses()).contains(own, heavier);
        assertThat(anew.nodes()).isNotEqualTo(drawn.nodes());
        assertThat(MachineFamily.stillPlanned(anew)).isPresent();
        // The same as begun with that measure, but for what was touched.
        Host begun = family.machine(drawn.name(), anew.plan().orElseThrow()).host();
        assertThat(anew.keepOuts()).isEqualTo(begun.keepOuts());
        assertThat(anew.supports()).isEqualTo(begun.supports());
        assertThat(anew.drivenEnd().point()).isEqualTo(begun.drivenEnd().point());
        assertThat(anew.drivenEnd().sprocketOffset())
                .isEqualTo(drawn.drivenEnd().sprocketOffset());
    }
}
