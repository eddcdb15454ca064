package oddcradle.cli;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import oddcradle.files.calc.Calculators;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Calculators of the shop, asked as a shop would and asked wrongly. */
class ShopCalculatorsTest {
    private static JsonNode ask(String name, String question) throws Exception {
        return new ObjectMapper()
                .readTree(Calculators.answer(name, question.replace('\'', '"')).json());
    }

    /** Nine pieces of a third of a bar less its cuts need three bars, ten need four. */
    @ParameterizedTest
    @CsvSource({"9, 3", "10, 4", "1, 1"})
    void bars_areAsFewAsCanBe(int pieces, int bars) throws Exception {
        JsonNode answer = ask(
                "nest",
                "{'parts':[{'id':'x','length':0.999,'count':" + pieces
                        + "}],'stock':[{'id':'b','length':3.003,'cost':1}],'kerf':0.003}");
        assertThat(answer.get("bars")).hasSize(bars);
        assertThat(answer.get("cost").asDouble()).isEqualTo(bars);
        assertThat(answer.get("proven").asBoolean()).isTrue();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "nest | {'parts':[{'id':'x','length':4,'count':1}],'stock':[{'id':'b','length':3,'cost':1}],'kerf':0} | fits no bar",
                "bend | {'points':[[0,0,0],[1,0,0],[2,0,0]],'radii':[0.1],'od':0.02} | without a bend",
                "bend | {'points':[[0,0,0],[1,0,0],[1,1,0]],'radii':[0.1],'od':0.02,'springback_factor':0} | at most 1",
                "fit | {'nominal':[[0,0,0],[1,0,0],[2,0,0]],'measured':[[0,0,0],[1,0,0],[2,0,0]]} | one line",
                "align | {} | needs one of",
                "jet | {'reference':{'altitude':0},'new':{'altitude':20000},'jet_diameter':0.001} | altitude",
                "weld | {'shape':{'type':'star'},'leg':0.003,'force':[0,0,1],'moment':[0,0,0]} | polyline",
                "weld | {'shape':{'type':'polyline','points':[[0,0],[1,0]]},'leg':0.003,'force':[0,0,0],'moment':[5,0,0]} | about itself",
                "tab | {'width':0.02,'thickness':0.004,'hole':0.03,'edge':0.02,'bolt':0.01,'standoff':0.02,'load':[1,0,0]} | wider tab",
                "fatigue | {'table':[{'range':1e8,'count':5}]} | detail",
                "fatigue | {'history':[1,2],'table':[]} | not both"
            })
    void wrongQuestion_isRefusedInWords(String name, String question, String words) throws Exception {
        JsonNode error = ask(name, question).get("error");
        assertThat(error).as(name + " " + question).isNotNull();
        assertThat(error.toString()).contains(words);
    }

    /** A history that comes again has whole cycles and a life in hours; one that harms nothing has none. */
    @ParameterizedTest
    @CsvSource({"80e6, false", "2e6, true"})
    void life_isToldInHoursOrNotAtAll(String range, boolean endless) throws Exception {
        JsonNode answer =
                ask("fatigue", "{'history':[0," + range + ",0],'repeating':1,'detail':{'category':71e6},'duration':2}");
        assertThat(answer.get("cycles")).hasSize(1);
        assertThat(answer.get("cycles").get(0).get("count").asDouble()).isEqualTo(1);
        assertThat(answer.get("hours_to_failure").isNull()).isEqualTo(endless);
    }
}
