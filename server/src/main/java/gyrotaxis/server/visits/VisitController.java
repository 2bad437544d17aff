package gyrotaxis.server.visits;

import gyrotaxis.server.pictures.Pictures;
import gyrotaxis.server.shared.Download;
import gyrotaxis.server.visits.Views.ArrivedView;
import gyrotaxis.server.visits.Views.BeginBody;
import gyrotaxis.server.visits.Views.ChairFillsView;
import gyrotaxis.server.visits.Views.EventsBody;
import gyrotaxis.server.visits.Views.OutlookView;
import gyrotaxis.server.visits.Views.PictureView;
import gyrotaxis.server.visits.Views.VisitTile;
import gyrotaxis.server.visits.Views.VisitView;
import gyrotaxis.server.visits.followup.AfterViews.FollowUpView;
import gyrotaxis.server.visits.followup.AfterViews.OutcomeBody;
import gyrotaxis.server.visits.followup.FollowUpService;
import java.time.Duration;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.springframework.http.CacheControl;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

@RestController
@RequestMapping("/api")
class VisitController {
    private final VisitService service;
    private final Outlook outlook;
    private final Listeners listeners;
    private final FollowUpService after;
    private final VisitTable table;

    VisitController(
            VisitService service, Outlook outlook, Listeners listeners, FollowUpService after, VisitTable table) {
        this.after = after;
        this.table = table;
        this.service = service;
        this.outlook = outlook;
        this.listeners = listeners;
    }

    /** Visits of today and of the days before, the newest first. */
    @GetMapping("/visits")
    List<VisitTile> list() {
        return service.list();
    }

    /** Visits of so many days back, for a spreadsheet. */
    @GetMapping(value = "/visits/table.csv", produces = "text/csv")
    ResponseEntity<byte[]> visitTable(@RequestParam(defaultValue = "366") int days) {
        return Download.of("visits.csv", table.written(days));
    }

    @PostMapping("/visits")
    @ResponseStatus(HttpStatus.CREATED)
    VisitTile begin(@RequestBody BeginBody body) {
        return service.begin(body);
    }

    @GetMapping("/visits/{id}")
    VisitView show(@PathVariable UUID id) {
        return service.show(id);
    }

    @GetMapping("/visits/{id}/events")
    ArrivedView after(@PathVariable UUID id, @RequestParam(defaultValue = "0") long after) {
        return service.after(id, after);
    }

    /** Events of a device, late, twice or out of order; answers up to where what it sent is here. */
    @PostMapping("/visits/{id}/events")
    ArrivedView add(@PathVariable UUID id, @RequestBody EventsBody body) {
        return service.add(id, body);
    }

    /** Says up to where something arrived, now and whenever it does. */
    @GetMapping(value = "/visits/{id}/line", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
    SseEmitter line(@PathVariable UUID id) {
        return listeners.listen(id, service.arrived(id));
    }

    /** All visits of a client, the newest first. */
    @GetMapping("/clients/{id}/visits")
    List<VisitTile> ofClient(@PathVariable UUID id) {
        return service.ofClient(id);
    }

    /** What is to be looked after of a client, and was. */
    @GetMapping("/clients/{id}/follow-ups")
    List<FollowUpView> followUps(@PathVariable UUID id) {
        return after.ofClient(id);
    }

    /** What falls due until a day and was not told of yet. */
    @GetMapping("/follow-ups")
    List<FollowUpView> due(@RequestParam LocalDate until) {
        return after.due(until);
    }

    /** Keeps what was told of one. */
    @PutMapping("/follow-ups/{id}")
    FollowUpView tell(@PathVariable UUID id, @RequestBody OutcomeBody body) {
        return after.tell(id, body);
    }

    /** What it came to, against what was planned. */
    @GetMapping("/visits/{id}/account")
    AccountView account(@PathVariable UUID id) {
        return AccountView.of(service.work(id));
    }

    /** What it will come to. */
    @GetMapping("/visits/{id}/outlook")
    OutlookView outlook(@PathVariable UUID id) {
        return outlook.of(service.work(id));
    }

    /** Every part and way tried on what is hooked. */
    @GetMapping("/visits/{id}/fills")
    ChairFillsView fills(@PathVariable UUID id) {
        return outlook.fills(service.work(id));
    }

    @PutMapping(
            value = "/visits/{id}/pictures/{picture}",
            consumes = {MediaType.IMAGE_JPEG_VALUE, MediaType.IMAGE_PNG_VALUE})
    PictureView keep(@PathVariable UUID id, @PathVariable UUID picture, @RequestBody byte[] file) {
        return service.keep(id, picture, Pictures.of(file));
    }

    @GetMapping(value = "/visits/{id}/pictures/{picture}", produces = MediaType.IMAGE_JPEG_VALUE)
    ResponseEntity<byte[]> picture(@PathVariable UUID id, @PathVariable UUID picture) {
        return ResponseEntity.ok()
                .cacheControl(CacheControl.maxAge(Duration.ofDays(1)).cachePrivate())
                .body(service.picture(id, picture).jpeg());
    }
}
