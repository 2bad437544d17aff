package gyrotaxis.core.stock;

import java.util.UUID;

/** Names a line of hair. */
public record LineId(UUID value) {}
