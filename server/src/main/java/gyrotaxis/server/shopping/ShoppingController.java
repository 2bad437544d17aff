package gyrotaxis.server.shopping;

import gyrotaxis.server.shared.Download;
import gyrotaxis.server.shopping.ShoppingViews.ShoppingView;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

@RestController
class ShoppingController {
    private final ShoppingDesk desk;

    private final ShoppingPaper paper;

    ShoppingController(ShoppingDesk desk, ShoppingPaper paper) {
        this.desk = desk;
        this.paper = paper;
    }

    /** The list on paper. */
    @GetMapping(value = "/api/shopping/list.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> shoppingPaper(@RequestParam(defaultValue = "14") int days) {
        return Download.of("shopping list.pdf", paper.paper(desk.list(days)));
    }

    /** The list for a spreadsheet. */
    @GetMapping(value = "/api/shopping/list.csv", produces = "text/csv")
    ResponseEntity<byte[]> shoppingTable(@RequestParam(defaultValue = "14") int days) {
        return Download.of("shopping list.csv", paper.table(desk.list(days)));
    }

    /** What is to be bought for what is planned in so many days. */
    @GetMapping("/api/shopping")
    ShoppingView list(@RequestParam(defaultValue = "14") int days) {
        return desk.list(days);
    }
}
