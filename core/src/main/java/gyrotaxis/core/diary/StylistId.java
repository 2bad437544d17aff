package gyrotaxis.core.diary;

import java.util.UUID;

/** Names somebody who works here. */
public record StylistId(UUID value) {}
