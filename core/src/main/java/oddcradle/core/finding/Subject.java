package oddcradle.core.finding;

import java.util.Locale;
import oddcradle.core.math.Guard;

/**
 * What a finding is about.
 *
 * @param id of the thing, as the job has it; the kind's own word where there is only one of it
 */
public record Subject(Kind kind, String id) {
    /** What sort of thing. */
    public enum Kind {
        DONOR,
        HOST,
        CRADLE,
        MACHINE,
        SEAT,
        DATUM,
        LINE,
        OUTPUT,
        PROPELLER,
        BODY,
        PART,
        UNIT,
        KEEP_OUT,
        BOSS,
        NODE,
        TUBE,
        MOUNT,
        DETAIL,
        STAGE,
        SHAFT,
        POINT,
        READING,
        SCAN,
        NEIGHBOUR,
        LOAD_CASE,
        CONTROL,
        /** Something else that goes round the engine: pipe, hose, wire, guard, shock absorber. */
        AROUND;

        /** As programs read it, such as {@code keep_out}. */
        public String word() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    public static final Subject DONOR = only(Kind.DONOR);
    public static final Subject HOST = only(Kind.HOST);
    public static final Subject CRADLE = only(Kind.CRADLE);
    public static final Subject MACHINE = only(Kind.MACHINE);
    public static final Subject SEAT = only(Kind.SEAT);
    public static final Subject DATUM = only(Kind.DATUM);
    public static final Subject LINE = only(Kind.LINE);
    public static final Subject OUTPUT = only(Kind.OUTPUT);
    public static final Subject PROPELLER = only(Kind.PROPELLER);

    public Subject {
        Guard.present("kind", kind);
        Guard.named("id", id);
    }

    private static Subject only(Kind kind) {
        return new Subject(kind, kind.word());
    }

    /** Anything that takes room: a part, a tube, a keep-out or a piece of the drive. */
    public static Subject body(String id) {
        return new Subject(Kind.BODY, id);
    }

    public static Subject part(String id) {
        return new Subject(Kind.PART, id);
    }

    public static Subject unit(String id) {
        return new Subject(Kind.UNIT, id);
    }

    public static Subject keepOut(String id) {
        return new Subject(Kind.KEEP_OUT, id);
    }

    public static Subject boss(String id) {
        return new Subject(Kind.BOSS, id);
    }

    public static Subject node(String id) {
        return new Subject(Kind.NODE, id);
    }

    public static Subject tube(String id) {
        return new Subject(Kind.TUBE, id);
    }

    public static Subject control(String id) {
        return new Subject(Kind.CONTROL, id);
    }

    public static Subject around(String id) {
        return new Subject(Kind.AROUND, id);
    }

    public static Subject mount(String id) {
        return new Subject(Kind.MOUNT, id);
    }

    public static Subject detail(String id) {
        return new Subject(Kind.DETAIL, id);
    }

    public static Subject stage(String id) {
        return new Subject(Kind.STAGE, id);
    }

    public static Subject shaft(String id) {
        return new Subject(Kind.SHAFT, id);
    }

    public static Subject point(String id) {
        return new Subject(Kind.POINT, id);
    }

    public static Subject reading(String id) {
        return new Subject(Kind.READING, id);
    }

    public static Subject scan(String file) {
        return new Subject(Kind.SCAN, file);
    }

    public static Subject neighbour(String id) {
        return new Subject(Kind.NEIGHBOUR, id);
    }

    public static Subject loadCase(String id) {
        return new Subject(Kind.LOAD_CASE, id);
    }
}
