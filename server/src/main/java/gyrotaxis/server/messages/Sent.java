package gyrotaxis.server.messages;

import java.time.Instant;
import java.util.UUID;

/**
 * What was sent.
 *
 * @param subject the appointment or follow-up it was about
 * @param told the time that was told
 * @param isLost whether it came back
 */
record Sent(
        UUID id,
        MessageTrigger cue,
        UUID subject,
        String told,
        String client,
        String words,
        Instant at,
        boolean isLost) {}
