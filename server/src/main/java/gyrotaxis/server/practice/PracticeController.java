package gyrotaxis.server.practice;

import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/practice")
class PracticeController {
    private final PracticeDesk desk;

    PracticeController(PracticeDesk desk) {
        this.desk = desk;
    }

    /** Made-up heads with their plans, to try things out on. */
    @GetMapping("/heads")
    List<PracticeHead> heads() {
        return desk.heads();
    }
}
