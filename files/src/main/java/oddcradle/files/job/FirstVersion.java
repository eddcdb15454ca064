package oddcradle.files.job;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;

/** Brings a job of version 1, which knew one chain and no more, to version 2, which has stages. */
final class FirstVersion {
    private FirstVersion() {}

    /** @param job changed in place where it is of version 1 */
    static void bringUpToDate(JsonNode job) {
        if (job.path("version").asInt() != 1 || !(job.path("line") instanceof ObjectNode line) || line.has("stages")) {
            return;
        }
        JsonNode front = job.path("donor").path("output");
        JsonNode rear = job.path("host").path("drivenEnd");
        boolean chain = front.path("form").asText("SPROCKET").equals("SPROCKET");
        JsonNode pitch = line.remove("pitch");
        JsonNode breaking = line.remove("breakingLoad");
        JsonNode travel = line.remove("tensionerTravel");
        JsonNode efficiency = line.remove("efficiency");
        if (!chain) {
            line.putArray("stages");
            return;
        }
        ObjectNode stage = line.putArray("stages").addObject();
        stage.put("type", "chain").put("id", "S1").put("label", "chain");
        stage.set("pitch", pitch);
        stage.set("driverTeeth", front.path("teeth"));
        stage.set("drivenTeeth", rear.path("teeth"));
        stage.set("breakingLoad", breaking);
        stage.set("tensionerTravel", travel);
        stage.set("efficiency", efficiency);
    }
}
