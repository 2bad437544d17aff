package gyrotaxis.core.plan;

import gyrotaxis.core.braiding.Braiding;
import gyrotaxis.core.braiding.SelfWork;
import gyrotaxis.core.care.RowPull;
import gyrotaxis.core.estimate.ChairTime;
import gyrotaxis.core.foundation.Foundation;
import gyrotaxis.core.install.Hooked;
import gyrotaxis.core.scalp.Scalp;
import gyrotaxis.core.wear.UpdoView;
import java.util.List;

/** All that findings are drawn from: a plan but for what is said about it. */
record LaidHead(
        InstallBrief brief,
        Scalp scalp,
        Foundation foundation,
        Braiding braiding,
        SelfWork selfWork,
        Hooked hooked,
        ChairTime time,
        List<RowPull> pull,
        List<UpdoView> updos) {}
