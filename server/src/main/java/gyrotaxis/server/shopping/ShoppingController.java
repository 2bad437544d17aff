package gyrotaxis.server.shopping;

import gyrotaxis.server.shopping.ShoppingViews.ShoppingView;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

@RestController
class ShoppingController {
    private final ShoppingDesk desk;

    ShoppingController(ShoppingDesk desk) {
        this.desk = desk;
    }

    /** What is to be bought for what is planned in so many days. */
    @GetMapping("/api/shopping")
    ShoppingView list(@RequestParam(defaultValue = "14") int days) {
        return desk.list(days);
    }
}
