package gyrotaxis.server.door;

import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** What is asked and answered at the door. */
final class DoorBodies {
    private DoorBodies() {}

    /**
     * How the door stands for whoever asks.
     *
     * @param isStudio whether anybody has to sign in at all
     * @param me who is signed in
     * @param needsOwner whether nobody may sign in yet, and somebody has to become the owner first
     * @param isThisMachine whether it is asked from the machine itself
     * @param deviceName what this device is called; empty if nobody signed in on it yet
     * @param known who signed in on this device before
     */
    record DoorView(
            boolean isStudio,
            @Nullable @Schema(nullable = true) MeView me,
            boolean needsOwner,
            boolean isThisMachine,
            String deviceName,
            List<KnownView> known) {}

    /** Who is signed in; {@code hasDigits} on this device. */
    record MeView(
            UUID id,
            String name,
            Role role,
            @Nullable @Schema(nullable = true) UUID stylistId,
            boolean hasDigits) {}

    /** Somebody who signed in on this device before, and whether four digits let her in. */
    record KnownView(UUID id, String name, boolean hasDigits, boolean isLocked) {}

    /** Becoming the owner; the code is that which was printed at the start, and not needed on the machine itself. */
    record FirstBody(
            @Nullable String name,
            @Nullable String passphrase,
            @Nullable String code,
            @Nullable String deviceName) {}

    /** Signing in. */
    record SignInBody(
            @Nullable String name,
            @Nullable String passphrase,
            @Nullable String deviceName) {}

    /** Switching by four digits. */
    record SwitchBody(@Nullable String memberId, @Nullable String digits) {}

    /** An invitation by its secret. */
    record InvitedBody(@Nullable String secret) {}

    /** Whose it is. */
    record InvitedView(String name, Role role, String roleWords) {}

    /** Taking it. */
    record TakeBody(
            @Nullable String secret,
            @Nullable String passphrase,
            @Nullable String deviceName) {}

    /** Four digits for this device; null for none. */
    record DigitsBody(@Nullable @Schema(nullable = true) String digits) {}

    /** Another passphrase. */
    record PassphraseBody(@Nullable String before, @Nullable String passphrase) {}

    /**
     * A device on which she signed in once.
     *
     * @param hasDigits whether four digits let her in there
     * @param isThis whether it is the one that asks
     */
    record DeviceView(UUID id, String name, Instant signedInAt, boolean hasDigits, boolean isThis) {}

    /** A session; of whom is told where the owner looks at all. */
    record SessionView(
            UUID memberId,
            String memberName,
            String handle,
            String device,
            Instant since,
            Instant seen,
            boolean isThis) {}

    /** Somebody who may sign in. */
    record MemberBody(
            @Nullable String name,
            @Nullable Role role,
            @Nullable @Schema(nullable = true) String stylistId) {}

    /** The same as she is shown; {@code invitedUntil} if an invitation is open. */
    record MemberView(
            UUID id,
            String name,
            Role role,
            String roleWords,
            @Nullable @Schema(nullable = true) UUID stylistId,
            boolean canSignIn,
            @Nullable @Schema(nullable = true) Instant invitedUntil,
            int sessions) {}

    /** Who may sign in, and with whom they could be one. */
    record MembersView(List<MemberView> members, List<StylistChoice> stylists) {}

    /** Somebody who works at a chair. */
    record StylistChoice(UUID id, String name) {}

    /** An invitation that was just opened; its link is shown once, {@code qr} as for an address. */
    record InvitationView(UUID memberId, String link, String qr, int qrSize, Instant until) {}

    /** What was done; names as they are now. */
    record DeedView(
            long id,
            Instant at,
            String who,
            String words,
            @Nullable @Schema(nullable = true) UUID clientId,
            String of,
            String address) {}

    /** The latest deeds, and how many days they are kept. */
    record DeedsView(List<DeedView> deeds, boolean isMore, long keptDays) {}
}
