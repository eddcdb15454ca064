package oddcradle.files.drawing;

/** What a drawn shape is. */
public enum Role {
    HOST_TUBE,
    KEEP_OUT,
    CRADLE_TUBE,
    DONOR,
    HOT,
    DRIVE
}
