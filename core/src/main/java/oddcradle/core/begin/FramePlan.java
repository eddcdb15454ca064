package oddcradle.core.begin;

import java.util.List;

/** How the frame of a family follows from its measures. */
interface FramePlan {
    /** What is asked, in the order in which it is measured. */
    List<FloorMeasure> measures();

    /** X = 0 over the rear axle, the skid's rear end or the firewall; Y = 0 in the middle; Z = 0 on the ground. */
    void draw(FrameDraft draft);
}
