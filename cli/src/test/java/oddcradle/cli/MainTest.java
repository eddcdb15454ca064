package oddcradle.cli;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.networknt.schema.JsonSchemaFactory;
import com.networknt.schema.SpecVersion;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import java.io.ByteArrayInputStream;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class MainTest {
    private static final String DEMO = "../demo/saltmarsh-runabout.cradle.json";

    @Test
    void check_printsFindings_andItsCodeTellsOfStops() {
        CommandRun run = CommandRun.of("check", DEMO);
        assertThat(run.code()).isEqualTo(1);
        assertThat(run.out()).contains("STOP  chain: its planes are 4.6 mm apart");
        assertThat(run.out()).containsPattern("M1 +1 x bolt +M10.*, class .*, grip ");
        assertThat(CommandRun.of("check", DEMO, "--inch").out()).contains(" in apart");
    }

    @Test
    void checkJson_validatesAgainstTheSchema() throws Exception {
        CommandRun run = CommandRun.of("check", DEMO, "--json");
        assertThat(run.code()).isZero();
        JsonNode results = new ObjectMapper().readTree(run.out());
        assertThat(JsonSchemaFactory.getInstance(SpecVersion.VersionFlag.V202012)
                        .getSchema(Files.readString(Path.of("../docs/schema/results.schema.json")))
                        .validate(results))
                .isEmpty();
    }

    @Test
    void packet_isWrittenIntoTheFolder(@TempDir Path folder) {
        Path deep = folder.resolve("new").resolve("deeper");
        CommandRun run = CommandRun.of("packet", DEMO, "--out", deep.toString());
        assertThat(run.err()).isEmpty();
        assertThat(run.code()).isZero();
        assertThat(deep.resolve("saltmarsh-runabout-packet.pdf")).exists().isNotEmptyFile();
    }

    @Test
    void calc_answersStandardInput() {
        InputStream before = System.in;
        try {
            System.setIn(new ByteArrayInputStream(
                    "{\"pitch\":0.015875,\"teeth_driver\":17,\"teeth_driven\":43,\"centre\":0.45}"
                            .getBytes(StandardCharsets.UTF_8)));
            CommandRun run = CommandRun.of("calc", "chain");
            assertThat(run.code()).isZero();
            assertThat(run.out()).contains("\"links\" : 88");
            System.setIn(new ByteArrayInputStream("{}".getBytes(StandardCharsets.UTF_8)));
            assertThat(CommandRun.of("calc", "chain").code()).isEqualTo(2);
        } finally {
            System.setIn(before);
        }
    }

    @Test
    void wrongFilesAndWords_giveOnePlainLineAndCode2(@TempDir Path folder) throws Exception {
        Path empty = Files.createFile(folder.resolve("empty.cradle.json"));
        CommandRun run = CommandRun.of("check", empty.toString());
        assertThat(run.code()).isEqualTo(2);
        assertThat(run.err().strip()).isEqualTo("empty.cradle.json: is empty");
        assertThat(CommandRun.of("check", "nowhere.cradle.json").code()).isEqualTo(2);
        assertThat(CommandRun.of("dance").code()).isEqualTo(2);
        assertThat(CommandRun.of().code()).isEqualTo(2);
        assertThat(CommandRun.of("packet", DEMO).code()).isEqualTo(2);
    }

    @Test
    void commandLine_knowsNoWindow() {
        noClasses()
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage("oddcradle.desktop..", "javafx..")
                .check(new ClassFileImporter().importPackages("oddcradle.cli"));
    }

    @Test
    void checkJson_carriesTheLineOfEveryDemo() throws Exception {
        for (String demo : new String[] {"saltmarsh-runabout", "hut-skid", "whimbrel", "orchard-tug"}) {
            CommandRun run = CommandRun.of("check", "../demo/" + demo + ".cradle.json", "--json");
            assertThat(run.code()).isZero();
            JsonNode line = new ObjectMapper().readTree(run.out()).get("line");
            assertThat(line.get("datum").asText()).isNotEqualTo("FREE");
            assertThat(line.get("efficiency").doubleValue()).isBetween(0.5, 1.0);
        }
    }

    @Test
    void calcOfTheDrive_answersAndRefuses() {
        InputStream before = System.in;
        try {
            System.setIn(new ByteArrayInputStream(
                    "{\"drivetrain\":{\"stages\":[{\"driver\":14,\"driven\":42}]}}".getBytes(StandardCharsets.UTF_8)));
            assertThat(CommandRun.of("calc", "drive").out()).contains("\"overall_ratio\" : 3.0");
            System.setIn(new ByteArrayInputStream("{\"E\":1}".getBytes(StandardCharsets.UTF_8)));
            CommandRun refused = CommandRun.of("calc", "shaft");
            assertThat(refused.code()).isEqualTo(Main.WRONG_INPUT);
            assertThat(refused.out()).contains("is missing");
        } finally {
            System.setIn(before);
        }
    }
}
