package oddcradle.core.step.make;

import oddcradle.core.job.tube.Member;

/**
 * One line of the cut list.
 *
 * @param nodeLength from node to node along the centre line, m
 * @param cutLength of the finished tube over its longest points, m
 * @param bend greatest change of direction at an inner node, rad; 0 for a straight tube
 * @param mass of the finished tube, about, kg
 */
public record CutTube(
        Member tube, double nodeLength, double cutLength, double bend, double mass, TubeEnd first, TubeEnd last) {}
