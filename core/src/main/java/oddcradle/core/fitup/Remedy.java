package oddcradle.core.fitup;

import java.util.List;
import java.util.Optional;
import oddcradle.core.finding.Phrase;
import oddcradle.core.job.edit.JobEdit;

/**
 * One thing to do about one mount, or about all.
 *
 * @param kind of work
 * @param mounts it is about
 * @param what to do, a sentence
 * @param time it takes by the shop's pace, s
 * @param edit that notes it as done; empty where the mount has to be measured again afterwards
 */
public record Remedy(Kind kind, List<String> mounts, Phrase what, double time, Optional<JobEdit> edit) {
    public Remedy {
        mounts = List.copyOf(mounts);
    }

    /** From the least work to the most. */
    public enum Kind {
        LEAVE("leave it"),
        SHIM("shim"),
        REAM("ream the hole"),
        SLOT("slot the hole"),
        TRIM("trim the spacer"),
        TURN("turn the mount round"),
        PULL_BACK("pull the weld back"),
        CUT("cut and weld"),
        REMAKE("make it anew");

        private final String word;

        Kind(String word) {
            this.word = word;
        }

        public String word() {
            return word;
        }
    }
}
