package gyrotaxis.server.door;

import gyrotaxis.server.audit.AuditAction;
import gyrotaxis.server.audit.AuditLog;
import gyrotaxis.server.door.DoorBodies.DeviceView;
import gyrotaxis.server.door.DoorBodies.DoorView;
import gyrotaxis.server.door.DoorBodies.FirstBody;
import gyrotaxis.server.door.DoorBodies.InvitedView;
import gyrotaxis.server.door.DoorBodies.KnownView;
import gyrotaxis.server.door.DoorBodies.MeView;
import gyrotaxis.server.door.DoorBodies.PassphraseBody;
import gyrotaxis.server.door.DoorBodies.SessionView;
import gyrotaxis.server.door.DoorBodies.SignInBody;
import gyrotaxis.server.door.DoorBodies.TakeBody;
import gyrotaxis.server.shared.Fields;
import gyrotaxis.server.shared.NotFound;
import gyrotaxis.server.shared.Settings;
import gyrotaxis.server.text.FoldedText;
import jakarta.servlet.http.HttpSession;
import java.time.Clock;
import java.time.Duration;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.DataAccessException;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * Lets people in.
 *
 * <p>Whoever misses waits, by her address and by the name she tried. From a device on which somebody signed in before, and from the
 * machine itself, only her own misses there count: nobody else can lock her out by missing in her name.
 */
@Service
class SignInService {
    private static final Logger LOG = LoggerFactory.getLogger(SignInService.class);
    private static final int MAX_NAME_LENGTH = 80;
    private static final int MAX_DEVICE_LENGTH = 60;

    private final MemberRepository members;
    private final KnownDevices devices;
    private final Sessions sessions;
    private final Passphrases passphrases;
    private final AuditLog deeds;
    private final FirstCode firstCode;
    private final Settings settings;
    private final Clock clock;
    private final TransactionTemplate transaction;
    private final BackOff backOff;

    SignInService(
            MemberRepository members,
            KnownDevices devices,
            Sessions sessions,
            Passphrases passphrases,
            AuditLog deeds,
            FirstCode firstCode,
            Settings settings,
            Clock clock,
            TransactionTemplate transaction) {
        this.members = members;
        this.devices = devices;
        this.sessions = sessions;
        this.passphrases = passphrases;
        this.deeds = deeds;
        this.firstCode = firstCode;
        this.settings = settings;
        this.clock = clock;
        this.transaction = transaction;
        this.backOff = new BackOff(clock);
    }

    /** Whether somebody may sign in and do everything. */
    boolean hasOwner() {
        return members.all().stream()
                .anyMatch(m -> m.role() == Role.OWNER && m.passphrase().isPresent());
    }

    DoorView view(Caller caller) {
        if (!settings.studio()) {
            return new DoorView(false, null, false, true, "", List.of());
        }
        Optional<KnownDevices.Device> device = devices.find(caller.deviceSecret());
        List<KnownDevices.Known> known = device.map(devices::known).orElse(List.of());
        return new DoorView(
                true,
                Caller.member()
                        .flatMap(members::find)
                        .map(m -> new MeView(
                                m.id(),
                                m.name(),
                                m.role(),
                                m.stylist().orElse(null),
                                known.stream()
                                        .anyMatch(k -> k.member().equals(m.id())
                                                && k.digits().isPresent())))
                        .orElse(null),
                !hasOwner(),
                caller.isThisMachine(),
                device.map(KnownDevices.Device::name).orElse(""),
                known.stream()
                        .map(k -> new KnownView(k.member(), k.name(), k.digits().isPresent(), k.isLocked()))
                        .toList());
    }

    /** Somebody becomes the owner, if nobody is. */
    void first(FirstBody body, Caller caller) {
        if (!settings.studio()) {
            throw new NotFound("On this machine alone nobody signs in.");
        }
        if (!caller.isThisMachine()) {
            // By address alone: a stranger who misses must not make the owner wait.
            List<String> keys = List.of("first " + caller.address());
            tryNow(keys);
            if (!firstCode.is(body.code())) {
                Fields f = new Fields();
                f.problem("code", "This is not the code that was printed when the studio was started.");
                f.orRefuse(() -> keys);
            }
            backOff.met(keys);
        }
        Fields f = new Fields();
        String name = f.text("name", "Your name", body.name(), MAX_NAME_LENGTH);
        String passphrase = passphrases.checked(f, "passphrase", body.passphrase(), List.of(name, "gyrotaxis"));
        Member owner = f.orRefuse(() -> new Member(
                UUID.randomUUID(),
                name,
                Role.OWNER,
                Optional.empty(),
                Optional.of(passphrases.hash(passphrase)),
                Optional.empty(),
                clock.instant()));
        transaction.executeWithoutResult(t -> {
            members.hold();
            if (hasOwner()) {
                throw Refused.because("The studio has an owner by now. Sign in, or ask her to invite you.");
            }
            members.add(owner);
        });
        comeIn(owner, body.deviceName(), caller, AuditAction.CAME_FIRST);
    }

    /** Signs somebody in by her name and passphrase. */
    void signIn(SignInBody body, Caller caller) {
        String name = body.name() == null ? "" : body.name();
        String passphrase = body.passphrase() == null ? "" : body.passphrase();
        Optional<Member> who = members.called(name);
        List<String> keys = keys(name, who, caller);
        tryNow(keys);
        // Longer ones were never kept, and need not be looked at.
        boolean isShort = passphrase.length() <= Passphrases.MAX_LENGTH;
        String hash = who.flatMap(Member::passphrase).orElse(null);
        if (!passphrases.matches(isShort ? passphrase : "", hash) || !isShort) {
            LOG.info("Somebody at {} was not let in", caller.address());
            deeds.note(who.map(Member::id), AuditAction.MISSED, Optional.empty(), caller.address());
            throw Refused.missed();
        }
        backOff.met(keys);
        comeIn(who.orElseThrow(), body.deviceName(), caller, AuditAction.SIGNED_IN);
    }

    private List<String> keys(String name, Optional<Member> who, Caller caller) {
        String folded = FoldedText.of(name);
        if (caller.isThisMachine()) {
            return List.of("here " + folded);
        }
        Optional<KnownDevices.Device> device = devices.find(caller.deviceSecret());
        boolean isKnown = device.isPresent()
                && who.isPresent()
                && devices.known(device.get()).stream()
                        .anyMatch(k -> k.member().equals(who.get().id()));
        return isKnown
                ? List.of("device " + device.get().id() + " " + folded)
                : List.of("address " + caller.address(), "name " + folded);
    }

    private void tryNow(List<String> keys) {
        Duration left = backOff.take(keys);
        if (!left.isZero()) {
            throw Refused.tooSoon(left);
        }
    }

    private void comeIn(Member m, @Nullable String deviceName, Caller caller, AuditAction how) {
        String called = deviceName == null ? "" : deviceName.strip();
        String name = called.substring(0, Math.min(MAX_DEVICE_LENGTH, called.length()));
        KnownDevices.Device device = transaction.execute(t -> {
            KnownDevices.Device d = devices.find(caller.deviceSecret()).orElseGet(() -> {
                String secret = Passphrases.secret();
                caller.giveDevice(secret);
                return devices.add(secret, name);
            });
            if (!name.isEmpty() && !name.equals(d.name())) {
                devices.rename(d, name);
            }
            devices.signedIn(d, m.id());
            return d;
        });
        sessions.begin(m, name.isEmpty() ? device.name() : name, caller.request(), caller.response());
        deeds.note(Optional.of(m.id()), how, Optional.empty(), caller.address());
    }

    /** Lets somebody in by four digits, on a device on which she signed in before. */
    void change(UUID memberId, String digits, Caller caller) {
        KnownDevices.Device device = devices.find(caller.deviceSecret())
                .orElseThrow(
                        () -> Refused.because("Nobody signed in on this device yet. Sign in with your passphrase."));
        KnownDevices.Known known = devices.known(device).stream()
                .filter(k -> k.member().equals(memberId))
                .findFirst()
                .orElseThrow(() -> Refused.because("Sign in with your passphrase on this device first."));
        if (known.isLocked() || known.digits().isEmpty() || !devices.take(device, memberId)) {
            throw Refused.because("Sign in with your passphrase; then four digits will do here again.");
        }
        if (!passphrases.matches(digits, known.digits().get())) {
            boolean isLocked =
                    devices.known(device).stream().anyMatch(k -> k.member().equals(memberId) && k.isLocked());
            deeds.note(
                    Optional.of(memberId),
                    isLocked ? AuditAction.LOCKED : AuditAction.MISSED,
                    Optional.empty(),
                    caller.address());
            throw Refused.because(
                    isLocked
                            ? "Missed five times. Sign in with your passphrase."
                            : "These are not the four digits of " + known.name() + ".");
        }
        devices.met(device, memberId);
        sessions.begin(members.find(memberId).orElseThrow(), device.name(), caller.request(), caller.response());
        deeds.note(Optional.of(memberId), AuditAction.SWITCHED, Optional.empty(), caller.address());
    }

    /** Sets her four digits on this device, or takes them away. */
    void digits(@Nullable String digits, Caller caller) {
        UUID me = Caller.member().orElseThrow();
        KnownDevices.Device device = devices.find(caller.deviceSecret())
                .orElseThrow(() -> new NotFound("This device is not known. Sign in once more."));
        if (digits == null) {
            devices.digits(device, me, null);
            return;
        }
        Fields f = new Fields();
        String checked = passphrases.digits(f, "digits", digits);
        f.orRefuse(() -> checked);
        devices.digits(device, me, passphrases.hash(checked));
    }

    /** Whose invitation a secret opens. */
    InvitedView invited(@Nullable String secret, Caller caller) {
        Member m = invitation(secret, caller);
        return new InvitedView(m.name(), m.role(), m.role().words());
    }

    private Member invitation(@Nullable String secret, Caller caller) {
        List<String> keys = List.of("invitation " + caller.address());
        tryNow(keys);
        Member m = members.invited(Passphrases.quickHash(secret == null ? "" : secret), clock.instant())
                .orElseThrow(SignInService::taken);
        backOff.met(keys);
        return m;
    }

    private static Refused taken() {
        return Refused.because("This invitation was taken, or its time is over. Ask the owner for another.");
    }

    /** Takes an invitation: from now on she signs in with this passphrase. */
    void take(TakeBody body, Caller caller) {
        Member m = invitation(body.secret(), caller);
        Fields f = new Fields();
        String passphrase = passphrases.checked(f, "passphrase", body.passphrase(), List.of(m.name(), "gyrotaxis"));
        f.orRefuse(() -> m);
        String secretHash = Passphrases.quickHash(body.secret() == null ? "" : body.secret());
        if (!members.take(secretHash, clock.instant(), passphrases.hash(passphrase))) {
            // Somebody else was quicker.
            throw taken();
        }
        // A reset: whatever let her in before does no longer.
        devices.endDigits(m.id());
        sessions.endAll(m.id(), Optional.empty());
        comeIn(m, body.deviceName(), caller, AuditAction.TOOK_INVITATION);
    }

    /** Another passphrase; whoever is signed in as her elsewhere is not any more. */
    void passphrase(PassphraseBody body, Caller caller) {
        Member me = Caller.member().flatMap(members::find).orElseThrow();
        List<String> keys = List.of("change " + me.id());
        tryNow(keys);
        Fields f = new Fields();
        String before = body.before() == null ? "" : body.before();
        if (!passphrases.matches(before, me.passphrase().orElse(null))) {
            f.problem("before", "This is not your passphrase.");
        }
        String passphrase = passphrases.checked(f, "passphrase", body.passphrase(), List.of(me.name(), "gyrotaxis"));
        f.orRefuse(() -> me);
        backOff.met(keys);
        members.passphrase(me.id(), passphrases.hash(passphrase));
        devices.endDigits(me.id());
        HttpSession mine = caller.request().getSession(false);
        sessions.endAll(me.id(), Optional.ofNullable(mine).map(HttpSession::getId));
        deeds.note(Optional.of(me.id()), AuditAction.CHANGED_PASSPHRASE, Optional.empty(), caller.address());
    }

    void signOut(Caller caller, boolean isEverywhere) {
        Optional<UUID> me = Caller.member();
        sessions.end(caller.request());
        if (isEverywhere) {
            me.ifPresent(id -> {
                devices.endDigits(id);
                sessions.endAll(id, Optional.empty());
            });
        }
        try {
            deeds.note(me, AuditAction.SIGNED_OUT, Optional.empty(), caller.address());
        } catch (DataAccessException noRoom) {
            LOG.warn("That somebody signed out could not be noted: {}", noRoom.toString());
        }
    }

    /** Her own sessions; the owner's list is everybody's. */
    List<SessionView> sessions(Caller caller) {
        Member me = Caller.member().flatMap(members::find).orElseThrow();
        HttpSession mine = caller.request().getSession(false);
        String here = mine == null ? "" : Sessions.handle(mine.getId());
        Stream<Member> whose = me.role() == Role.OWNER ? members.all().stream() : Stream.of(me);
        return whose.flatMap(m -> sessions.of(m.id()).stream()
                        .map(s -> new SessionView(
                                m.id(),
                                m.name(),
                                s.handle(),
                                s.device(),
                                s.since(),
                                s.seen(),
                                s.handle().equals(here))))
                .toList();
    }

    /** The devices on which she signed in once, the latest first. */
    List<DeviceView> devices(Caller caller) {
        Optional<UUID> here = devices.find(caller.deviceSecret()).map(KnownDevices.Device::id);
        return devices.of(Caller.member().orElseThrow()).stream()
                .map(d -> new DeviceView(
                        d.device(),
                        d.name(),
                        d.signedInAt(),
                        d.hasDigits(),
                        here.filter(d.device()::equals).isPresent()))
                .toList();
    }

    /** A device knows her no more: there she signs in with her passphrase, as a stranger does. */
    void forgetDevice(UUID device, Caller caller) {
        UUID me = Caller.member().orElseThrow();
        if (!devices.forget(device, me)) {
            throw new NotFound("This device does not know you any more.");
        }
        deeds.note(Optional.of(me), AuditAction.FORGOT_DEVICE, Optional.empty(), caller.address());
    }

    /** Ends a session, her own or, if she is the owner, anybody's. */
    void endSession(String handle, Caller caller) {
        SessionView s = sessions(caller).stream()
                .filter(v -> v.handle().equals(handle))
                .findFirst()
                .orElseThrow(() -> new NotFound("This session is over."));
        sessions.end(s.memberId(), handle);
        deeds.note(Caller.member(), AuditAction.ENDED_SESSION, Optional.of(s.memberId()), caller.address());
    }
}
