package oddcradle.core.job.fit;

import oddcradle.core.math.InvalidValue;

/** Names of pictures that lie beside a job: plain, so that none leads out of its folder. */
public final class PhotoName {
    private static final int LONGEST = 200;

    private PhotoName() {}

    /** Empty where there is none. */
    public static String checked(String field, String photo) {
        String name = photo == null ? "" : photo;
        if (name.length() > LONGEST || name.contains("/") || name.contains("\\") || name.startsWith(".")) {
            throw new InvalidValue(
                    field, "is \"" + name + "\", must be the plain name of a file in the folder of the job");
        }
        return name;
    }
}
