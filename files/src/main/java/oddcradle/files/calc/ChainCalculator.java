package oddcradle.files.calc;

import com.fasterxml.jackson.databind.node.ObjectNode;
import oddcradle.core.drive.ChainInput;
import oddcradle.core.drive.ChainResult;
import oddcradle.core.drive.RollerChain;

final class ChainCalculator {
    private ChainCalculator() {}

    static ObjectNode answer(Fields in) {
        ChainResult chain = RollerChain.solve(new ChainInput(
                in.number("pitch"),
                in.integer("teeth_driver"),
                in.integer("teeth_driven"),
                in.number("centre"),
                in.number("rpm_driver", 0)));
        return Json.object()
                .put("pitch_diameter_driver", chain.pitchDiameterDriver())
                .put("pitch_diameter_driven", chain.pitchDiameterDriven())
                .put("ratio", chain.ratio())
                .put("length_pitches", chain.lengthPitches())
                .put("length_pitches_approx", chain.lengthPitchesApprox())
                .put("links", chain.links())
                .put("centre_for_links", chain.centreForLinks())
                .put("wrap_driver", chain.wrapDriver())
                .put("wrap_driven", chain.wrapDriven())
                .put("chain_speed", chain.chainSpeed());
    }
}
