package oddcradle.files.job;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.core.io.JsonEOFException;
import com.fasterxml.jackson.databind.JsonMappingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.exc.MismatchedInputException;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Collection;
import java.util.List;
import oddcradle.core.job.Job;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.math.Vec3;

/** Job to JSON text and back. */
public final class JobCodec {
    public static final String FORMAT = "odd-cradle job";
    public static final int VERSION = 2;

    private JobCodec() {}

    /** A job that has not been in a file yet. */
    public static JobDocument fresh(Job job) {
        return new JobDocument(job, JobMapper.MAPPER.createObjectNode());
    }

    public static byte[] write(JobDocument document) {
        ObjectNode tree = JobMapper.MAPPER.createObjectNode();
        tree.put("format", FORMAT).put("version", VERSION);
        tree.setAll((ObjectNode) JobMapper.MAPPER.valueToTree(document.job()));
        UnknownFields.addTo(tree, document.unknown());
        try {
            return (JobMapper.MAPPER.writeValueAsString(tree) + "\n").getBytes(StandardCharsets.UTF_8);
        } catch (JsonProcessingException impossible) {
            throw new IllegalStateException("a JSON tree could not be written", impossible);
        }
    }

    /**
     * @param name of the file, for messages
     * @throws UnreadableJob naming the file, the field and the cure
     */
    public static JobDocument read(String name, byte[] content) throws UnreadableJob {
        JsonNode tree = tree(name, content);
        requireHeader(name, tree);
        FirstVersion.bringUpToDate(tree);
        Job job;
        try {
            job = JobMapper.MAPPER.treeToValue(tree, Job.class);
        } catch (JsonProcessingException refused) {
            throw explained(name, refused);
        }
        JsonNode known = JobMapper.MAPPER.valueToTree(job);
        ObjectNode unknown = UnknownFields.of(tree, known);
        unknown.remove(List.of("format", "version"));
        return new JobDocument(job, unknown);
    }

    private static JsonNode tree(String name, byte[] content) throws UnreadableJob {
        if (content.length == 0) {
            throw new UnreadableJob(name, "", "is empty");
        }
        JsonNode tree;
        try {
            tree = JobMapper.MAPPER.readTree(content);
        } catch (JsonProcessingException malformed) {
            throw new UnreadableJob(name, "", damage(malformed, content.length));
        } catch (IOException impossible) {
            throw new IllegalStateException("reading from memory failed", impossible);
        }
        if (!tree.isObject()) {
            throw new UnreadableJob(name, "", "holds no job: it must be a JSON object { ... }");
        }
        return tree;
    }

    private static String damage(JsonProcessingException malformed, int length) {
        int line = malformed.getLocation().getLineNr();
        String problem = firstLine(malformed.getOriginalMessage());
        // Between two fields the parser tells the end in words alone, within a number not at all.
        return malformed instanceof JsonEOFException
                        || problem.contains("end-of-input")
                        || malformed.getLocation().getByteOffset() >= length - 1
                ? "is damaged: it ends at line " + line + " in the middle of something; it was not written to its end"
                : "is damaged at line " + line + ", column "
                        + malformed.getLocation().getColumnNr() + ": " + problem;
    }

    private static void requireHeader(String name, JsonNode tree) throws UnreadableJob {
        if (!FORMAT.equals(tree.path("format").asText())) {
            throw new UnreadableJob(name, "format", "must be \"" + FORMAT + "\"; this is some other kind of file");
        }
        if (!tree.path("version").isInt() || tree.path("version").intValue() < 1) {
            throw new UnreadableJob(name, "version", "must be a whole number from 1");
        }
        int version = tree.path("version").intValue();
        if (version > VERSION) {
            throw new UnreadableJob(
                    name,
                    "version",
                    "is " + version + ", written by a newer program; this one reads up to " + VERSION
                            + ", bring it up to date");
        }
    }

    private static UnreadableJob explained(String name, JsonProcessingException refused) {
        String path = refused instanceof JsonMappingException mapping ? path(mapping) : "";
        for (Throwable cause = refused; cause != null; cause = cause.getCause()) {
            if (cause instanceof InvalidValue invalid) {
                InvalidValue whole = path.isEmpty() ? invalid : invalid.inside(path);
                return new UnreadableJob(name, whole.field(), whole.problem());
            }
        }
        if (refused instanceof MismatchedInputException mismatch && mismatch.getTargetType() != null) {
            return new UnreadableJob(name, path, problem(mismatch));
        }
        return new UnreadableJob(name, path, "cannot be read: " + firstLine(refused.getOriginalMessage()));
    }

    private static String problem(MismatchedInputException mismatch) {
        String message = firstLine(mismatch.getOriginalMessage());
        if (message.contains("null") && mismatch.getTargetType().isPrimitive()) {
            return "is missing, must be " + kind(mismatch.getTargetType());
        }
        if (message.contains("type id")) {
            return "has the wrong \"type\": " + message;
        }
        return "has the wrong kind of value, must be " + kind(mismatch.getTargetType());
    }

    private static String kind(Class<?> type) {
        if (type == double.class || type == Double.class) {
            return "a number";
        }
        if (type == int.class) {
            return "a whole number";
        }
        if (type == String.class) {
            return "text";
        }
        if (type.isEnum()) {
            return "one of " + List.of(type.getEnumConstants());
        }
        if (type == Vec3.class || type == double[].class) {
            return "a list of three numbers";
        }
        return Collection.class.isAssignableFrom(type) ? "a list" : "an object { ... }";
    }

    private static String path(JsonMappingException refused) {
        StringBuilder path = new StringBuilder();
        for (JsonMappingException.Reference step : refused.getPath()) {
            if (step.getFieldName() != null) {
                path.append(path.length() == 0 ? "" : ".").append(step.getFieldName());
            } else {
                path.append('[').append(step.getIndex()).append(']');
            }
        }
        return path.toString();
    }

    /** Without what the library says of its own workings. */
    private static String firstLine(String message) {
        return message.split("\n| \\(start marker| \\[Source", 2)[0];
    }
}
