package oddcradle.core.frame.input;

/**
 * One of the two ends of a member.
 *
 * @param member its id
 * @param first whether it is the member's end i
 */
public record MemberEnd(String member, boolean first) {}
