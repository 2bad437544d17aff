package gyrotaxis.server.plans;

import gyrotaxis.server.language.BriefBody;
import java.util.UUID;

/** A kept plan, for those who count on it: whose it is, what it is called, and what is asked. */
public record Planned(UUID id, UUID clientId, String name, BriefBody brief) {}
