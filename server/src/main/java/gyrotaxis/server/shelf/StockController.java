package gyrotaxis.server.shelf;

import gyrotaxis.server.shared.Download;
import gyrotaxis.server.shelf.StockTable.TableRead;
import gyrotaxis.server.shelf.StockViews.AsideBody;
import gyrotaxis.server.shelf.StockViews.CountBody;
import gyrotaxis.server.shelf.StockViews.LeadBody;
import gyrotaxis.server.shelf.StockViews.MoveBody;
import gyrotaxis.server.shelf.StockViews.MoveView;
import gyrotaxis.server.shelf.StockViews.StockView;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Every change answers all that is there then. */
@RestController
@RequestMapping("/api/stock")
class StockController {
    private final StockService service;

    private final StockTable table;

    private final MovesTable moves;

    StockController(StockService service, StockTable table, MovesTable moves) {
        this.service = service;
        this.table = table;
        this.moves = moves;
    }

    /** All that was moved, for a spreadsheet. */
    @GetMapping(value = "/movements.csv", produces = "text/csv")
    ResponseEntity<byte[]> movesTable() {
        return Download.of("movements.csv", moves.written());
    }

    /** All that is on the shelf, for a spreadsheet. */
    @GetMapping(value = "/table.csv", produces = "text/csv")
    ResponseEntity<byte[]> stockTable() {
        return Download.of("shelf.csv", table.written());
    }

    /** Reads such a table as a count, and says what it would change; it is put down if that is asked, all or nothing. */
    @PostMapping(value = "/table", consumes = "text/csv")
    TableRead countedByTable(@RequestBody byte[] file, @RequestParam(defaultValue = "false") boolean keep) {
        return table.read(file, keep);
    }

    @GetMapping
    StockView all() {
        return service.all();
    }

    @PostMapping("/movements")
    StockView move(@RequestBody MoveBody body) {
        return service.move(body);
    }

    @GetMapping("/movements")
    List<MoveView> latest(@RequestParam(required = false) @Nullable UUID line) {
        return service.latest(line);
    }

    @PostMapping("/counts")
    StockView count(@RequestBody CountBody body) {
        return service.count(body);
    }

    @PutMapping("/aside/{planId}")
    StockView setAside(@PathVariable UUID planId, @RequestBody AsideBody body) {
        return service.setAside(planId, body);
    }

    @PutMapping("/suppliers")
    StockView lead(@RequestBody LeadBody body) {
        return service.lead(body);
    }
}
