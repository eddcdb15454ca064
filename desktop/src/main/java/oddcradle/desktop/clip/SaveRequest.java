package oddcradle.desktop.clip;

import java.util.Map;
import java.util.TreeMap;
import java.util.function.Supplier;
import javafx.event.Event;
import javafx.event.EventType;

/** Somebody wants what is shown as a file; the window asks where, and writes it. */
public final class SaveRequest extends Event {
    public static final EventType<SaveRequest> ASKED = new EventType<>(Event.ANY, "SAVE_ASKED");

    private final String of;
    private final transient Map<String, Supplier<byte[]>> contents;

    /**
     * @param of what it is, for the name of the file
     * @param contents the bytes of it by the ending of the file, made on the window's thread
     */
    public SaveRequest(String of, Map<String, Supplier<byte[]>> contents) {
        super(ASKED);
        this.of = of;
        this.contents = new TreeMap<>(contents);
    }

    public String of() {
        return of;
    }

    public Map<String, Supplier<byte[]>> contents() {
        return contents;
    }
}
