package gyrotaxis.server.shared;

import java.util.UUID;

/** Sessions of somebody ended: what is still open for her is to be closed. */
public record SessionsEnded(UUID member) {}
