package oddcradle.files.job;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Function;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import oddcradle.core.begin.FirstFit;
import oddcradle.core.begin.MachineFamily;
import oddcradle.core.begin.NewJob;
import oddcradle.core.card.Card;
import oddcradle.core.card.Cards;
import oddcradle.core.card.Deed;
import oddcradle.core.card.Field;
import oddcradle.core.catalog.Shelf;
import oddcradle.core.catalog.ShelfRow;
import oddcradle.core.catalog.Shelves;
import oddcradle.core.drive.JackShaft;
import oddcradle.core.finding.Step;
import oddcradle.core.job.Job;
import oddcradle.core.job.body.Scan;
import oddcradle.core.job.donor.Donor;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.math.Mat3;
import oddcradle.core.math.Vec3;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** Every field of the job's schema can be changed by somebody who never opens the file. */
class EveryFieldTest {
    private static final ObjectMapper MAPPER = new ObjectMapper();

    /** What tells things apart in the file; nobody needs to change it. */
    private static final Set<String> NAMES_IN_THE_FILE =
            Set.of("id", "type", "format", "version", "family", "set", "freedom");

    /** A frame's own nodes are always points. */
    private static final Set<String> ONLY_IN_CRADLES = Set.of(
            ".host.nodes[].anchor<boss>.boss",
            ".host.nodes[].anchor<boss>.offset",
            ".host.nodes[].anchor<member>.member",
            ".host.nodes[].anchor<member>.near",
            ".host.nodes[].anchor<member>.offset");

    private static JsonNode schema;

    @BeforeAll
    static void readTheSchema() throws IOException {
        schema = MAPPER.readTree(Files.readString(Path.of("../docs/schema/job.schema.json")));
    }

    @Test
    void everyFieldOfTheSchema_isOnACard() throws IOException {
        Set<String> wanted = new TreeSet<>();
        leaves(schema, "", wanted);
        assertThat(wanted).hasSizeGreaterThan(400);
        Reach reach = new Reach();
        for (DemoJobs demo : DemoJobs.values()) {
            Job job = demo.load().job();
            reach.from(job);
            reach.from(grown(job));
            // A mount can only go to a boss that has none.
            reach.from(Cards.additions(job, Step.DONOR).stream()
                    .filter(deed -> deed.words().equals("a boss"))
                    .findFirst()
                    .map(deed -> after(deed, job))
                    .orElseThrow());
        }
        reach.from(withCandidates());
        reach.from(planned());
        reach.from(scanned(DemoJobs.values()[0].load().job()));
        reach.paths.addAll(reach.paths.stream()
                .map(path -> path.replaceAll("(plan\\.measures)\\..*", "$1"))
                .toList());
        wanted.removeAll(reach.paths);
        wanted.removeAll(ONLY_IN_CRADLES);
        assertThat(wanted).isEmpty();
    }

    @ParameterizedTest
    @EnumSource(DemoJobs.class)
    void whatIsAdded_isThereUnderAKeyOfItsOwnAndCanBeTakenAwayAgain(DemoJobs demo) throws IOException {
        Job job = demo.load().job();
        Set<String> before = keys(job);
        List<Deed> additions = Stream.of(Step.values())
                .flatMap(step -> Cards.additions(job, step).stream())
                .toList();
        assertThat(additions).hasSizeGreaterThan(20);
        for (Deed deed : additions) {
            Job more = deed.outcome().get().job();
            Set<String> added = keys(more);
            added.removeAll(before);
            assertThat(added).as(deed.words()).isNotEmpty();
            Job fewer = more;
            for (String key : added) {
                Optional<Deed> away = find(fewer, key).stream()
                        .flatMap(card -> card.deeds().stream())
                        .filter(Deed::away)
                        .findFirst();
                // A shaft between two stages goes with one of them.
                fewer = away.isPresent() ? away.get().outcome().get().job() : fewer;
            }
            assertThat(keys(fewer)).as(deed.words()).isEqualTo(before);
        }
    }

    private static Set<String> keys(Job job) {
        List<String> keys = Cards.of(job).stream().map(Card::key).toList();
        assertThat(keys).doesNotHaveDuplicates();
        return new HashSet<>(keys);
    }

    @ParameterizedTest
    @EnumSource(DemoJobs.class)
    void absurdValue_isTakenOrRefusedInWords(DemoJobs demo) throws IOException {
        Job job = demo.load().job();
        int refused = 0;
        for (Card card : Cards.of(job)) {
            for (Field field : card.fields()) {
                for (Attempt attempt : absurd(field).toList()) {
                    try {
                        assertThat(attempt.job()).isNotNull();
                    } catch (InvalidValue invalid) {
                        assertThat(invalid.getMessage()).isNotBlank();
                        refused++;
                    }
                }
            }
        }
        assertThat(refused).isGreaterThan(500);
    }

    private static Stream<Attempt> absurd(Field field) {
        if (field instanceof Field.Words words) {
            return Stream.of("", " ", "x".repeat(5_000))
                    .map(text -> () -> words.put().apply(text));
        }
        if (field instanceof Field.Measure measure) {
            return Stream.of(Double.NaN, Double.POSITIVE_INFINITY, -1e300, 1e300, 0.0, 1e-300)
                    .map(value -> () -> measure.put().apply(value));
        }
        if (field instanceof Field.Vector vector) {
            return Stream.of(Vec3.ZERO, new Vec3(1e300, 0, 0), new Vec3(1e-200, 0, 0))
                    .map(value -> () -> vector.put().apply(value));
        }
        if (field instanceof Field.Several several) {
            List<String> all = several.of().stream().map(Field.Named::id).toList();
            return Stream.of(List.<String>of(), all, List.of("nobody"))
                    .map(ids -> () -> several.put().apply(ids));
        }
        if (field instanceof Field.Table table) {
            List<Double> row = table.columns().stream().map(column -> 1e300).toList();
            return Stream.of(List.<List<Double>>of(), List.of(row), Collections.nCopies(400, row))
                    .map(rows -> () -> table.put().apply(rows));
        }
        return Stream.empty();
    }

    /** ISO 15 and ISO/R 773, from memory: a bearing's rating and a key's sizes go where they belong. */
    @Test
    void rowOfAShelf_fillsTheFieldsItIsFor() throws IOException {
        Job job = DemoJobs.ORCHARD_TUG.load().job();
        JackShaft before = job.line().shafts().get(0);
        JackShaft borne = taken(job, Shelf.BEARINGS, "6206").line().shafts().get(0);
        assertThat(borne.bearingRating()).isCloseTo(19_500, within(1e-6));
        assertThat(borne.keyDepth()).isEqualTo(before.keyDepth());
        JackShaft keyed =
                taken(job, Shelf.KEYS, "6 x 6, shafts 17 to 22").line().shafts().get(0);
        assertThat(keyed.keyWidth()).isCloseTo(0.006, within(1e-12));
        assertThat(keyed.keyDepth()).isCloseTo(0.0035, within(1e-12));
        assertThat(keyed.yield()).isEqualTo(before.yield());
    }

    private static Job taken(Job job, Shelf shelf, String name) {
        ShelfRow row = Shelves.SHIPPED.of(shelf).stream()
                .filter(each -> each.name().equals(name))
                .findFirst()
                .orElseThrow();
        return Cards.of(job).stream()
                .flatMap(card -> card.fields().stream())
                .filter(field -> field instanceof Field.FromShelf from && from.shelf() == shelf)
                .map(field -> ((Field.FromShelf) field).put().apply(row))
                .findFirst()
                .orElseThrow();
    }

    /** A job with all that can be added to it, and then with all that can be added to what was added. */
    private static Job grown(Job start) {
        Job grown = start;
        for (Step step : Step.values()) {
            grown = grown(grown, job -> Cards.additions(job, step).stream().map(deed -> new Doing("", deed)));
        }
        return grown(grown, job -> Cards.of(job).stream().flatMap(card -> card.deeds().stream()
                .filter(EveryFieldTest::isMore)
                .map(deed -> new Doing(card.step() + card.kind(), deed))));
    }

    private record Doing(String at, Deed deed) {
        String words() {
            return at + deed.words();
        }
    }

    /** Does each deed once, asked for anew each time: what was made of an older job would undo the last one. */
    private static Job grown(Job job, Function<Job, Stream<Doing>> deeds) {
        Set<String> done = new HashSet<>();
        Job grown = job;
        Optional<Doing> next = deeds.apply(grown).findFirst();
        while (next.isPresent()) {
            done.add(next.get().words());
            grown = after(next.get().deed(), grown);
            next = deeds.apply(grown)
                    .filter(doing -> !done.contains(doing.words()))
                    .findFirst();
        }
        return grown;
    }

    private static boolean isMore(Deed deed) {
        return !deed.away()
                && Stream.of("Forget", "Take", "Leave", "Lift by", "Hole", "Sound", "Hang")
                        .noneMatch(deed.words()::startsWith);
    }

    private static Job planned() {
        MachineFamily kart = MachineFamily.KART;
        return NewJob.of(
                "new",
                kart,
                kart.usual(),
                kart.engine(),
                FirstFit.of(NewJob.asked(kart, kart.usual(), kart.engine()), NewJob.ROOM));
    }

    private static Job scanned(Job job) {
        String boss = job.donor().bosses().get(0).id();
        String node = job.host().nodes().get(0).id();
        String mount = job.cradle().isolators().get(0).id();
        return job.withDonor(job.donor()
                        .withScan(Optional.of(new Scan("engine.stl", 0.001, List.of(new Scan.Pick(boss, Vec3.X))))))
                .withHost(job.host()
                        .withScan(Optional.of(new Scan("frame.stl", 0.001, List.of(new Scan.Pick(node, Vec3.X))))))
                .withAsBuilt(job.asBuilt()
                        .withScan(Optional.of(new Scan("mount.stl", 0.001, List.of(new Scan.Pick(mount, Vec3.X))))));
    }

    private static Job after(Deed deed, Job job) {
        try {
            return deed.outcome().get().job();
        } catch (InvalidValue refused) {
            return job;
        }
    }

    private static Optional<Card> find(Job job, String key) {
        return Cards.of(job).stream().filter(card -> card.key().equals(key)).findFirst();
    }

    private static Job withCandidates() throws IOException {
        Job job = DemoJobs.values()[0].load().job();
        List<Donor> donors = new ArrayList<>();
        for (DemoJobs demo : List.of(DemoJobs.SALTMARSH_RUNABOUT, DemoJobs.WHIMBREL, DemoJobs.REED_CUTTER)) {
            donors.add(scanned(grown(demo.load().job())).donor());
        }
        return job.withCandidates(donors);
    }

    /** Paths in the file that some field of some card has changed. */
    private static final class Reach {
        /** A choice of more than that is one of things, not of kinds. */
        private static final int KINDS = 7;

        private final Set<String> paths = new HashSet<>();
        private final Set<String> tried = new HashSet<>();

        void from(Job job) throws IOException {
            JsonNode before = JobMapper.MAPPER.valueToTree(job);
            for (Card card : Cards.of(job)) {
                from(job, before, card);
                for (Field field : card.fields()) {
                    if (field instanceof Field.Choice choice && choice.of().size() <= KINDS) {
                        for (Field.Named one : choice.of()) {
                            chosen(choice, one, card);
                        }
                    }
                }
            }
        }

        /** Some choices bring fields of their own. */
        private void chosen(Field.Choice choice, Field.Named one, Card card) throws IOException {
            if (!tried.add(card.step() + card.kind() + " " + choice.name() + " " + one.id())) {
                return;
            }
            Job other;
            try {
                other = choice.put().apply(one.id());
            } catch (InvalidValue refused) {
                return;
            }
            Optional<Card> again = find(other, card.key());
            if (again.isPresent()) {
                from(other, JobMapper.MAPPER.valueToTree(other), again.get());
            }
        }

        /** What makes one card's field unlike another's of its name; which of many things it points to does not. */
        private static String sort(Field field) {
            return field instanceof Field.Choice choice
                    ? (choice.of().size() > KINDS ? "" : choice.now())
                    : field instanceof Field.Several several
                            ? "" + several.now().size()
                            : "";
        }

        private void from(Job job, JsonNode before, Card card) {
            String sort = card.fields().stream()
                    .map(each -> each.name() + sort(each))
                    .reduce(card.step() + card.kind(), String::concat);
            for (Field field : card.fields()) {
                if (!tried.contains(sort + field.name())) {
                    changed(field, job).ifPresent(changed -> {
                        tried.add(sort + field.name());
                        differences(before, JobMapper.MAPPER.valueToTree(changed), "", paths);
                    });
                }
            }
        }
    }

    private static Optional<Job> changed(Field field, Job job) {
        return attempts(field)
                .flatMap(attempt -> {
                    try {
                        return Stream.of(attempt.job());
                    } catch (InvalidValue refused) {
                        return Stream.empty();
                    }
                })
                .filter(other -> !other.equals(job))
                .findFirst();
    }

    private interface Attempt {
        Job job();
    }

    private static Stream<Attempt> attempts(Field field) {
        if (field instanceof Field.Words words) {
            return Stream.of(words.now() + " too", "M12", "M8", "2026-01-01", "2026-12-31")
                    .map(text -> () -> words.put().apply(text));
        }
        if (field instanceof Field.Measure measure) {
            double now = measure.now().si();
            return Stream.of(now * 1.01, now * 0.99, now + 1, now - 1, now + 0.001, now + 0.0001, now * 2, 0.01)
                    .map(value -> () -> measure.put().apply(value));
        }
        if (field instanceof Field.Vector vector) {
            return Stream.of(new Vec3(0.01, 0.02, 0.03), new Vec3(0.001, 0, 0))
                    .map(by -> () -> vector.put().apply(vector.now().plus(by)));
        }
        if (field instanceof Field.Turned turned) {
            return Stream.of(() -> turned.put().apply(turned.now().times(Mat3.rotationAbout(Vec3.Z, 0.1))));
        }
        if (field instanceof Field.Yes yes) {
            return Stream.of(() -> yes.put().apply(!yes.now()));
        }
        if (field instanceof Field.Choice choice) {
            return choice.of().stream().map(one -> () -> choice.put().apply(one.id()));
        }
        if (field instanceof Field.Several several) {
            List<String> all = several.of().stream().map(Field.Named::id).toList();
            List<String> turned = new ArrayList<>(several.now());
            Collections.reverse(turned);
            return Stream.concat(
                            Stream.of(
                                    turned,
                                    List.<String>of(),
                                    all.stream().limit(2).toList()),
                            all.stream().map(one -> Stream.concat(several.now().stream(), Stream.of(one))
                                    .toList()))
                    .map(ids -> () -> several.put().apply(ids));
        }
        if (field instanceof Field.FromShelf shelf) {
            return Shelves.SHIPPED.of(shelf.shelf()).stream()
                    .map(row -> () -> shelf.put().apply(row));
        }
        Field.Table table = (Field.Table) field;
        List<List<Double>> longer = new ArrayList<>(table.now());
        longer.add(
                table.now().isEmpty()
                        ? table.columns().stream().map(column -> 0.01).toList()
                        : table.now().get(table.now().size() - 1).stream()
                                .map(x -> x * 1.5 + 0.01)
                                .toList());
        List<List<Double>> other = table.now().stream()
                .map(row -> row.stream().map(x -> x * 1.01).toList())
                .toList();
        List<List<Double>> shifted = table.now().stream()
                .map(row -> row.stream().map(x -> x + 0.01).toList())
                .toList();
        List<List<Double>> curve =
                IntStream.range(0, 180).mapToObj(k -> List.of(1e5)).toList();
        List<List<Double>> later = IntStream.range(0, table.now().size())
                .mapToObj(row -> table.now().get(row).stream()
                        .map(x -> row == 0 ? x : x + 0.01)
                        .toList())
                .toList();
        List<List<Double>> turned = new ArrayList<>(table.now());
        Collections.reverse(turned);
        List<List<Double>> halfway = table.now().stream()
                .map(row ->
                        row.stream().map(x -> (x + 2 * Math.PI) % (4 * Math.PI)).toList())
                .toList();
        return Stream.of(
                        other,
                        shifted,
                        later,
                        halfway,
                        turned,
                        longer,
                        List.<List<Double>>of(),
                        List.of(List.of(0.0)),
                        curve)
                .map(rows -> () -> table.put().apply(rows));
    }

    /** Paths of a schema's plain values; lists of plain values count as one. */
    private static void leaves(JsonNode node, String path, Set<String> into) {
        JsonNode at = node;
        while (at.has("$ref")) {
            at = schema.at(at.get("$ref").asText().substring(1));
        }
        if (at.has("oneOf")) {
            for (JsonNode one : at.get("oneOf")) {
                leaves(one, path + "<" + one.at("/properties/type/const").asText() + ">", into);
            }
        } else if (at.has("properties")) {
            at.get("properties").fields().forEachRemaining(child -> {
                if (!NAMES_IN_THE_FILE.contains(child.getKey())) {
                    leaves(child.getValue(), path + "." + child.getKey(), into);
                }
            });
        } else if (at.has("items") && isThings(at.get("items"))) {
            leaves(at.get("items"), path + "[]", into);
        } else {
            into.add(path);
        }
    }

    private static boolean isThings(JsonNode items) {
        JsonNode at = items;
        while (at.has("$ref")) {
            at = schema.at(at.get("$ref").asText().substring(1));
        }
        return at.has("properties") || at.has("oneOf");
    }

    /** Paths at which two files differ, in the words of {@link #leaves}. */
    private static void differences(JsonNode before, JsonNode after, String path, Set<String> into) {
        if (before.equals(after)) {
            return;
        }
        if (before.isObject() && after.isObject() && before.path("type").equals(after.path("type"))) {
            String here = before.has("type") ? path + "<" + before.get("type").asText() + ">" : path;
            Set<String> names = new HashSet<>();
            before.fieldNames().forEachRemaining(names::add);
            after.fieldNames().forEachRemaining(names::add);
            names.forEach(name -> differences(before.path(name), after.path(name), here + "." + name, into));
        } else if (before.isArray() && after.isArray() && holdsThings(before) && before.size() == after.size()) {
            for (int k = 0; k < before.size(); k++) {
                differences(before.get(k), after.get(k), path + "[]", into);
            }
        } else {
            all(after, path, into);
        }
    }

    /** Every path below a thing that was not there before. */
    private static void all(JsonNode node, String path, Set<String> into) {
        into.add(path);
        String here = node.has("type") ? path + "<" + node.get("type").asText() + ">" : path;
        node.fields().forEachRemaining(child -> all(child.getValue(), here + "." + child.getKey(), into));
        if (node.isArray()) {
            node.forEach(element -> all(element, path + "[]", into));
        }
    }

    private static boolean holdsThings(JsonNode list) {
        return !list.isEmpty() && list.get(0).isObject();
    }
}
