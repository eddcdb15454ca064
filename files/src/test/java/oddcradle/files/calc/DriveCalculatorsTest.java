package oddcradle.files.calc;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What {@code drive}, {@code shaft} and {@code boltgroup} answer beside the examples, and what they refuse. */
class DriveCalculatorsTest {
    private static JsonNode ask(String name, String question) throws IOException {
        return new ObjectMapper()
                .readTree(Calculators.answer(name, question.replace('\'', '"')).json());
    }

    private static final String SHAFT =
            "'E':2.05e11,'rho':7850,'segments':[{'length':1,'od':0.02}],'bearings':[{'x':0},{'x':1}]";

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "drive|{}||asks nothing",
                "drive|{'drivetrain':{'stages':[]}}|drivetrain.stages|1 to",
                "drive|{'drivetrain':{'stages':[{'ratio':0}]}}|drivetrain.stages[0].ratio|greater than 0",
                "drive|{'drivetrain':{'stages':[{'ratio':2,'driver':14,'driven':28}]}}|drivetrain.stages[0].ratio|one or the other",
                "drive|{'drivetrain':{'stages':[{'driver':1,'driven':28}]}}|drivetrain.stages[0].driver|at least 2",
                "drive|{'drivetrain':{'stages':[{'driver':14}]}}|drivetrain.stages[0].driven|is missing",
                "drive|{'drivetrain':{'stages':[{'ratio':2,'efficiency':1.2}]}}|drivetrain.stages[0].efficiency|between 0",
                "drive|{'drivetrain':{'stages':[{'ratio':2}],'tyre_radius':-1}}|drivetrain.tyre_radius|greater than 0",
                "drive|{'alignment':{'shaft1':{'point':[0,0,0],'direction':[0,0,0]},'shaft2':{'point':[0,0,0],'direction':[0,1,0]}}}|alignment.shaft1.direction|zero vector",
                "drive|{'swingarm':{'countershaft':[0,0,1],'pivot':[0,0],'arm_length':1,'pitch':0.01,'teeth_driver':15,'teeth_driven':40,'angles':[3]}}|swingarm.countershaft|must have 2",
                "drive|{'swingarm':{'countershaft':[0,0],'pivot':[0,0],'arm_length':0.5,'pitch':0.0127,'teeth_driver':15,'teeth_driven':40,'angles':[]}}|swingarm.angles|1 to",
                "drive|{'swingarm':{'countershaft':[0,0],'pivot':[0,0],'arm_length':0.05,'pitch':0.0127,'teeth_driver':15,'teeth_driven':40,'angles':[3]}}|swingarm|overlap",
                "drive|{'weather':1,'drivetrain':{'stages':[{'ratio':2}]}}|weather|not a field",
                "boltgroup|{'bolts':[],'areas':[],'force':[1,0,0]}|bolts|1 to",
                "boltgroup|{'bolts':[[0,0]],'areas':[1e-4,1e-4],'force':[1,0,0]}|areas|one for each",
                "boltgroup|{'bolts':[[0,0],[1,0]],'areas':[1e-4,-1e-4],'force':[1,0,0]}|areas[1]|greater than 0",
                "boltgroup|{'bolts':[[0,0],[1,0]],'areas':[1e-4,1e-4],'force':[0,0,1],'moment':[5,0,0]}|moment|one line",
                "boltgroup|{'bolts':[[0,0,0]],'areas':[1e-4],'force':[1,0,0]}|bolts[0]|must have 2",
            })
    void wrongQuestions_areRefusedAtTheField(String name, String question, String field, String problem)
            throws IOException {
        JsonNode error = ask(name, question).get("error");
        assertThat(error).isNotNull();
        assertThat(error.get("field").asText()).startsWith(field == null ? "" : field);
        assertThat(error.get("message").asText()).contains(problem);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "'E':2.05e11|'E':-1|E|greater than 0",
                "'rho':7850|'rho':0|rho|greater than 0",
                "'od':0.02|'od':0.02,'id':0.03|segments[0].id|less than od",
                "'length':1|'length':0|segments[0].length|greater than 0",
                "{'x':1}]|{'x':2}]|bearings[1].x|between 0",
                "{'x':0},{'x':1}|{'x':0}|bearings|two bearings apart",
                "{'x':1}]|{'x':1,'k':-5}]|bearings[1].k|greater than 0",
                "'rho':7850|'rho':7850,'theory':'string'|theory|timoshenko or euler",
                "'rho':7850|'rho':7850,'nu':0.7|nu|between 0",
                "'rho':7850|'rho':7850,'discs':[{'x':3,'mass':1}]|discs[0].x|between 0",
            })
    void wrongShafts_areRefusedAtTheField(String right, String wrong, String field, String problem) throws IOException {
        JsonNode error = ask("shaft", "{" + SHAFT.replace(right, wrong) + "}").get("error");
        assertThat(error.get("field").asText()).isEqualTo(field);
        assertThat(error.get("message").asText()).contains(problem);
    }

    /** A round bar on its ends: (pi / L)^2 sqrt(E I / rho A), a fraction less for shear and rotary inertia. */
    @Test
    void evenShaft_isEulersWithinAThousandth() throws IOException {
        double expected = Math.pow(Math.PI, 2) * Math.sqrt(2.05e11 / 7850) * 0.02 / 4 * 30 / Math.PI;
        assertThat(ask("shaft", "{" + SHAFT + "}").get("first_critical_rpm").doubleValue())
                .isCloseTo(expected, within(1e-3 * expected));
        assertThat(ask("shaft", "{" + SHAFT + ",'theory':'euler'}")
                        .get("first_critical_rpm")
                        .doubleValue())
                .isCloseTo(expected, within(3e-4 * expected));
    }

    @Test
    void drivetrainWithoutTyre_tellsNoRoadSpeed() throws IOException {
        JsonNode answer = ask("drive", "{'drivetrain':{'stages':[{'ratio':4}],'engine_rpm':[4000],'engine_torque':10}}")
                .get("drivetrain");
        assertThat(answer.get("wheel_rpm").get(0).doubleValue()).isEqualTo(1000);
        assertThat(answer.get("wheel_torque").doubleValue()).isEqualTo(40);
        assertThat(answer.has("road_speed")).isFalse();
        assertThat(answer.has("tractive_force")).isFalse();
    }

    @Test
    void anArrayWithOneWrongEntry_answersTheOthers() throws IOException {
        JsonNode answers = ask("shaft", "[{" + SHAFT + "},{'E':1},{" + SHAFT + "}]");
        assertThat(answers).hasSize(3);
        assertThat(answers.get(1).has("error")).isTrue();
        assertThat(answers.get(2)).isEqualTo(answers.get(0));
    }

    /** A pure pull through the centroid is shared by area. */
    @Test
    void centralPull_isSharedByArea() throws IOException {
        JsonNode answer = ask(
                "boltgroup",
                "{'bolts':[[0,0],[0.1,0],[0,0.1]],'areas':[2e-4,1e-4,1e-4],'force':[0,0,400],'point':[0.025,0.025,0]}");
        assertThat(answer.at("/tension/0").doubleValue()).isCloseTo(200, within(1e-9));
        assertThat(answer.at("/tension/1").doubleValue()).isCloseTo(100, within(1e-9));
        assertThat(answer.get("max_shear").doubleValue()).isCloseTo(0, within(1e-12));
    }
}
