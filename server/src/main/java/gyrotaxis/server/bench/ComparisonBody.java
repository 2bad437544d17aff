package gyrotaxis.server.bench;

import java.util.List;
import org.jspecify.annotations.Nullable;

/** A brief, and two or three foundations to be compared for it. */
record ComparisonBody(@Nullable BriefBody brief, @Nullable List<FoundationBody> foundations) {}
