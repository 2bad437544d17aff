package gyrotaxis.server.diary;

import gyrotaxis.server.diary.Bodies.AppointmentBody;
import gyrotaxis.server.diary.Bodies.AppointmentView;
import gyrotaxis.server.diary.Bodies.DiaryView;
import gyrotaxis.server.diary.Bodies.FreeView;
import gyrotaxis.server.diary.Bodies.LateBody;
import gyrotaxis.server.diary.Bodies.LateView;
import gyrotaxis.server.diary.Bodies.NewBody;
import gyrotaxis.server.diary.Bodies.StateBody;
import gyrotaxis.server.diary.Bodies.WantedBody;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api")
class DiaryController {
    private final DiaryService service;
    private final FreeTimeService free;

    DiaryController(DiaryService service, FreeTimeService free) {
        this.service = service;
        this.free = free;
    }

    /** Some days of the book: who works, who comes. */
    @GetMapping("/diary")
    DiaryView show(
            @RequestParam(required = false) @Nullable LocalDate from, @RequestParam(defaultValue = "1") int days) {
        return service.show(from, days);
    }

    /** When something can be done. */
    @PostMapping("/diary/free")
    FreeView free(@RequestBody WantedBody body) {
        return free.find(body);
    }

    @PostMapping("/appointments")
    @ResponseStatus(HttpStatus.CREATED)
    List<AppointmentView> make(@RequestBody NewBody body) {
        return service.make(body);
    }

    /** Changes or moves one; answers all that is otherwise by it. */
    @PutMapping("/appointments/{id}")
    List<AppointmentView> change(@PathVariable UUID id, @RequestBody AppointmentBody body) {
        return service.change(id, body);
    }

    @PostMapping("/appointments/{id}/state")
    List<AppointmentView> become(@PathVariable UUID id, @RequestBody StateBody body) {
        return service.become(id, body);
    }

    /** One runs late: what comes after it is pushed, and no further than it must. */
    @PostMapping("/appointments/{id}/late")
    LateView late(@PathVariable UUID id, @RequestBody LateBody body) {
        return service.late(id, body);
    }

    @GetMapping("/clients/{id}/appointments")
    List<AppointmentView> ofClient(@PathVariable UUID id) {
        return service.ofClient(id);
    }
}
