package oddcradle.files.calc;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class SurveyCalculatorTest {
    private static JsonNode ask(String question) throws IOException {
        return new ObjectMapper()
                .readTree(Calculators.answer("survey", question.replace('\'', '"'))
                        .json());
    }

    /** Four distances from the corners of a unit square to a point over its middle: known by symmetry. */
    @Test
    void pointOverTheMiddleOfASquare() throws IOException {
        double slant = Math.sqrt(0.5 + 0.25);
        JsonNode answer = ask(
                """
                {'points':[{'id':'A','about':[0,0,0],'fixed':1},{'id':'B','about':[1,0,0],'fixed':1},
                           {'id':'C','about':[1,1,0],'fixed':1},{'id':'D','about':[0,1,0],'fixed':1},
                           {'id':'P','about':[0.4,0.6,0.3]}],
                 'readings':[{'id':'1','type':'distance','from':'A','to':'P','value':%1$s},
                             {'id':'2','type':'distance','from':'B','to':'P','value':%1$s},
                             {'id':'3','type':'distance','from':'C','to':'P','value':%1$s},
                             {'id':'4','type':'distance','from':'D','to':'P','value':%1$s}]}
                """
                        .formatted(slant));
        JsonNode p = answer.at("/points/4");
        assertThat(p.at("/position/0").asDouble()).isCloseTo(0.5, within(1e-9));
        assertThat(p.at("/position/2").asDouble()).isCloseTo(0.5, within(1e-9));
        // each slant counts 1/3 along x, y: N = 4 / 3 / sigma2; along z 4 / 3 too
        assertThat(p.at("/sigma/0").asDouble()).isCloseTo(0.001 * Math.sqrt(0.75), within(1e-9));
        assertThat(p.at("/sigma/2").asDouble()).isCloseTo(0.001 * Math.sqrt(0.75), within(1e-9));
        assertThat(answer.at("/degrees_of_freedom").asInt()).isEqualTo(1);
        assertThat(answer.at("/readings/0/redundancy").asDouble()).isCloseTo(0.25, within(1e-9));
    }

    @Test
    void missingReading_isNamedAndTheRestStillAnswered() throws IOException {
        JsonNode answer = ask(
                """
                {'points':[{'id':'P','about':[0.1,0.2,0.3]},{'id':'Q','about':[1,0,0]}],
                 'readings':[{'id':'a','type':'offset','point':'P','plane':'forward','value':0.11},
                             {'id':'b','type':'offset','point':'P','plane':'left','value':0.21},
                             {'id':'c','type':'offset','point':'Q','plane':'forward','value':1},
                             {'id':'d','type':'offset','point':'Q','plane':'left','value':0},
                             {'id':'e','type':'offset','point':'Q','plane':'up','value':0,'instrument':'caliper'}]}
                """);
        assertThat(answer.at("/missing/0/point").asText()).isEqualTo("P");
        assertThat(answer.at("/missing/0/plane").asText()).isEqualTo("up");
        assertThat(answer.at("/points/0/sigma").isNull()).isTrue();
        assertThat(answer.at("/points/1/sigma/2").asDouble()).isCloseTo(0.0001, within(1e-12));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "{'points':[],'readings':[{'id':'a','type':'offset','point':'P','plane':'up','value':1}]}|readings[0]|not among",
                "{'points':[{'id':'P'},{'id':'P'}],'readings':[]}|points[1].id|must differ",
                "{'points':[{'id':'P'}],'readings':[{'id':'a','type':'guess','value':1}]}|readings[0].type|must be offset",
                "{'points':[{'id':'P'}],'readings':[{'id':'a','type':'offset','point':'P','plane':'side','value':1}]}|plane|one of",
                "{'points':[{'id':'P'}],'readings':[{'id':'a','type':'offset','point':'P','plane':'up'}]}|value|is missing",
                "{'points':[{'id':'P'}],'readings':[],'colour':1}|colour|not a field",
            })
    void wrongQuestions_areNamedAtTheirField(String question, String field, String problem) throws IOException {
        JsonNode answer = ask(question);
        assertThat(answer.at("/error/field").asText()).contains(field);
        assertThat(answer.at("/error/message").asText()).contains(problem);
    }
}
