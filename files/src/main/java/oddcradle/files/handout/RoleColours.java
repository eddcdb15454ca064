package oddcradle.files.handout;

import oddcradle.files.drawing.Role;

/** How a role looks on paper: outline and fill; what has only to be kept clear of is seen through. */
enum RoleColours {
    HOST_TUBE("#3C444D", "#C9CDD2"),
    KEEP_OUT("#8A8578", "none"),
    CRADLE_TUBE("#1F4E8C", "#B4CBE8"),
    DONOR("#4A463C", "#DAD5C6"),
    HOT("#7A4420", "#E6BF9D"),
    DRIVE("#4A4A4A", "#D0D0D0");

    private final String line;
    private final String fill;

    RoleColours(String line, String fill) {
        this.line = line;
        this.fill = fill;
    }

    static RoleColours of(Role role) {
        return valueOf(role.name());
    }

    String line() {
        return line;
    }

    String fill() {
        return fill;
    }
}
