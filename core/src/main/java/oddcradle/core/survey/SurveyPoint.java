package oddcradle.core.survey;

import io.soabase.recordbuilder.core.RecordBuilder;
import oddcradle.core.math.Guard;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.math.Vec3;

/**
 * A point to be found.
 *
 * @param id of the boss or node that it places, or a name of its own
 * @param about where it is by eye, m; decides on which side of the others it lies
 * @param bore diameter of the hole whose centre it is, m; 0 where there is none
 * @param fixed whether {@code about} is exact and defines the axes, such as a mark the datum was taken from
 * @param photo name of a picture in the folder of the job that shows it, no path; empty where there is none
 */
@RecordBuilder
public record SurveyPoint(String id, String label, Vec3 about, double bore, boolean fixed, String photo)
        implements SurveyPointBuilder.With {
    private static final double LARGEST_BORE = 1;
    private static final int LONGEST_NAME = 200;

    public SurveyPoint {
        Guard.named("id", id);
        Guard.named("label", label);
        Guard.present("about", about);
        Guard.within("bore", bore, 0, LARGEST_BORE, "m");
        photo = photo == null ? "" : photo;
        if (photo.length() > LONGEST_NAME || photo.contains("/") || photo.contains("\\") || photo.startsWith(".")) {
            throw new InvalidValue(
                    "photo", "is \"" + photo + "\", must be the plain name of a file in the folder of the job");
        }
    }

    /**
     * One of which there is no photo.
     *
     * @param about m
     * @param bore m
     */
    public static SurveyPoint of(String id, String label, Vec3 about, double bore, boolean fixed) {
        return new SurveyPoint(id, label, about, bore, fixed, "");
    }
}
