package gyrotaxis.server.planning;

import gyrotaxis.server.language.BriefBody;
import org.jspecify.annotations.Nullable;

/** A brief, and how it is worn. */
record WearBody(@Nullable BriefBody brief, @Nullable WornAsBody worn) {}
