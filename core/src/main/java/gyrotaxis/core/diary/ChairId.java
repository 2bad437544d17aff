package gyrotaxis.core.diary;

import java.util.UUID;

/** Names a chair. */
public record ChairId(UUID value) {}
