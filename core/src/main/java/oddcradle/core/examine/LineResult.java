package oddcradle.core.examine;

import java.util.Optional;
import oddcradle.core.drive.Alignment;
import oddcradle.core.drive.ChainResult;

/**
 * @param chain empty where no chain is possible
 * @param problem then says why
 */
public record LineResult(Alignment alignment, Optional<ChainResult> chain, Optional<String> problem, ChainPull pull) {}
