package gyrotaxis.server.door;

import gyrotaxis.server.door.DoorBodies.DeedsView;
import gyrotaxis.server.door.DoorBodies.DeviceView;
import gyrotaxis.server.door.DoorBodies.DigitsBody;
import gyrotaxis.server.door.DoorBodies.DoorView;
import gyrotaxis.server.door.DoorBodies.FirstBody;
import gyrotaxis.server.door.DoorBodies.InvitationView;
import gyrotaxis.server.door.DoorBodies.InvitedBody;
import gyrotaxis.server.door.DoorBodies.InvitedView;
import gyrotaxis.server.door.DoorBodies.MemberBody;
import gyrotaxis.server.door.DoorBodies.MembersView;
import gyrotaxis.server.door.DoorBodies.PassphraseBody;
import gyrotaxis.server.door.DoorBodies.SessionView;
import gyrotaxis.server.door.DoorBodies.SignInBody;
import gyrotaxis.server.door.DoorBodies.SwitchBody;
import gyrotaxis.server.door.DoorBodies.TakeBody;
import gyrotaxis.server.door.way.Address;
import gyrotaxis.server.door.way.Address.AddressView;
import gyrotaxis.server.shared.Fields;
import gyrotaxis.server.shared.NotFound;
import gyrotaxis.server.shared.Settings;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.List;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** The door: who is there, signing in and out, and for the owner, who may come in. */
@RestController
@RequestMapping("/api/door")
class DoorController {
    private final SignInService service;
    private final MemberService members;
    private final Address address;
    private final Settings settings;

    DoorController(SignInService service, MemberService members, Address address, Settings settings) {
        this.service = service;
        this.members = members;
        this.address = address;
        this.settings = settings;
    }

    /** Everything but how the door stands is there in the studio's network alone. */
    private Caller caller(HttpServletRequest request, HttpServletResponse response) {
        if (!settings.studio()) {
            throw new NotFound("On this machine alone nobody signs in.");
        }
        return new Caller(request, response);
    }

    @GetMapping
    DoorView view(HttpServletRequest request, HttpServletResponse response) {
        return service.view(new Caller(request, response));
    }

    @PostMapping("/first")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void first(@RequestBody FirstBody body, HttpServletRequest request, HttpServletResponse response) {
        service.first(body, caller(request, response));
    }

    @PostMapping("/sign-in")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void signIn(@RequestBody SignInBody body, HttpServletRequest request, HttpServletResponse response) {
        service.signIn(body, caller(request, response));
    }

    @PostMapping("/switch")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void change(@RequestBody SwitchBody body, HttpServletRequest request, HttpServletResponse response) {
        Caller caller = caller(request, response);
        Fields f = new Fields();
        UUID who = f.id("memberId", "Who you are", body.memberId());
        UUID checked = f.orRefuse(() -> f.present("memberId", "Who you are", who, new UUID(0, 0)));
        service.change(checked, body.digits() == null ? "" : body.digits(), caller);
    }

    @PostMapping("/invited")
    InvitedView invited(@RequestBody InvitedBody body, HttpServletRequest request, HttpServletResponse response) {
        return service.invited(body.secret(), caller(request, response));
    }

    @PostMapping("/take-invitation")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void take(@RequestBody TakeBody body, HttpServletRequest request, HttpServletResponse response) {
        service.take(body, caller(request, response));
    }

    @PostMapping("/sign-out")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void signOut(
            @RequestParam(defaultValue = "false") boolean everywhere,
            HttpServletRequest request,
            HttpServletResponse response) {
        service.signOut(caller(request, response), everywhere);
    }

    @PutMapping("/digits")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void digits(@RequestBody DigitsBody body, HttpServletRequest request, HttpServletResponse response) {
        service.digits(body.digits(), caller(request, response));
    }

    @PutMapping("/passphrase")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void passphrase(@RequestBody PassphraseBody body, HttpServletRequest request, HttpServletResponse response) {
        service.passphrase(body, caller(request, response));
    }

    @GetMapping("/sessions")
    List<SessionView> sessions(HttpServletRequest request, HttpServletResponse response) {
        return service.sessions(caller(request, response));
    }

    @DeleteMapping("/sessions/{handle}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void endSession(@PathVariable String handle, HttpServletRequest request, HttpServletResponse response) {
        service.endSession(handle, caller(request, response));
    }

    @GetMapping("/devices")
    List<DeviceView> devices(HttpServletRequest request, HttpServletResponse response) {
        return service.devices(caller(request, response));
    }

    @DeleteMapping("/devices/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void forgetDevice(@PathVariable UUID id, HttpServletRequest request, HttpServletResponse response) {
        service.forgetDevice(id, caller(request, response));
    }

    /** Where other devices find this studio, and how they know it. */
    @GetMapping("/address")
    AddressView address(HttpServletRequest request, HttpServletResponse response) {
        caller(request, response);
        return address.view();
    }

    @GetMapping("/members")
    MembersView members() {
        return members.all();
    }

    @PostMapping("/members")
    @ResponseStatus(HttpStatus.CREATED)
    InvitationView add(@RequestBody MemberBody body, HttpServletRequest request, HttpServletResponse response) {
        return members.add(body, caller(request, response));
    }

    @PutMapping("/members/{id}")
    MembersView change(
            @PathVariable UUID id,
            @RequestBody MemberBody body,
            HttpServletRequest request,
            HttpServletResponse response) {
        return members.change(id, body, caller(request, response));
    }

    @DeleteMapping("/members/{id}")
    MembersView remove(@PathVariable UUID id, HttpServletRequest request, HttpServletResponse response) {
        return members.remove(id, caller(request, response));
    }

    @PostMapping("/members/{id}/invitation")
    InvitationView invite(@PathVariable UUID id, HttpServletRequest request, HttpServletResponse response) {
        return members.invite(id, caller(request, response));
    }

    /** What was done, the latest first; {@code before} is the last that was seen. */
    @GetMapping("/deeds")
    DeedsView deeds(@RequestParam(defaultValue = "9223372036854775807") long before) {
        return members.deeds(before);
    }
}
