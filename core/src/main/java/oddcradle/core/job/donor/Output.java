package oddcradle.core.job.donor;

import io.soabase.recordbuilder.core.RecordBuilder;
import oddcradle.core.job.body.Sizes;
import oddcradle.core.math.Guard;
import oddcradle.core.math.Vec3;

/**
 * Where the power leaves the donor.
 *
 * @param centre middle of the sprocket, or of the shaft's end face, donor axes, m
 * @param axis of its shaft, donor axes
 * @param teeth of the sprocket it came with; 0 where there is none
 * @param form a sprocket where it is left out
 * @param turn not looked at where it is left out
 * @param shaft diameter and usable length; nobody has measured them where it is left out
 * @param pitch of the sprocket it came with, m; 0 where unknown or left out
 */
@RecordBuilder
public record Output(Vec3 centre, Vec3 axis, int teeth, OutputForm form, Turn turn, ShaftEnd shaft, Double pitch)
        implements OutputBuilder.With {
    public Output {
        Sizes.requirePlace("centre", centre);
        Guard.present("axis", axis).unit();
        form = form == null ? OutputForm.SPROCKET : form;
        turn = turn == null ? Turn.UNKNOWN : turn;
        shaft = shaft == null ? ShaftEnd.UNKNOWN : shaft;
        pitch = pitch == null ? 0 : Guard.notNegative("pitch", pitch, "m");
    }

    /** A sprocket of which no more is known. */
    public static Output sprocket(Vec3 centre, Vec3 axis, int teeth) {
        return new Output(centre, axis, teeth, OutputForm.SPROCKET, Turn.UNKNOWN, ShaftEnd.UNKNOWN, 0.0);
    }

    public Output withForm(OutputForm other) {
        return new Output(centre, axis, teeth, other, turn, shaft, pitch);
    }

    public Output withTurn(Turn other) {
        return new Output(centre, axis, teeth, form, other, shaft, pitch);
    }

    public Output withShaft(ShaftEnd other) {
        return new Output(centre, axis, teeth, form, turn, other, pitch);
    }

    public Output withPlace(Vec3 otherCentre, Vec3 otherAxis) {
        return new Output(otherCentre, otherAxis, teeth, form, turn, shaft, pitch);
    }
}
