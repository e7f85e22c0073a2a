import { InputError } from "../input-error";

/** A place on the earth, degrees: north and east are positive. */
export interface Spot {
  name: string;
  latitude: number;
  longitude: number;
}

/**
 * The towns that time zones are called after, each with its latitude and longitude as ISO 6709 writes them.
 * Source: zone.tab of the IANA time zone database, in the public domain.
 */
const TOWNS = `
Africa/Abidjan +0519-00402;Africa/Accra +0533-00013;Africa/Addis_Ababa +0902+03842;
Africa/Algiers +3647+00303;Africa/Asmara +1520+03853;Africa/Bamako +1239-00800;Africa/Bangui +0422+01835;
Africa/Banjul +1328-01639;Africa/Bissau +1151-01535;Africa/Blantyre -1547+03500;
Africa/Brazzaville -0416+01517;Africa/Bujumbura -0323+02922;Africa/Cairo +3003+03115;
Africa/Casablanca +3339-00735;Africa/Ceuta +3553-00519;Africa/Conakry +0931-01343;
Africa/Dakar +1440-01726;Africa/Dar_es_Salaam -0648+03917;Africa/Djibouti +1136+04309;
Africa/Douala +0403+00942;Africa/El_Aaiun +2709-01312;Africa/Freetown +0830-01315;
Africa/Gaborone -2439+02555;Africa/Harare -1750+03103;Africa/Johannesburg -2615+02800;
Africa/Juba +0451+03137;Africa/Kampala +0019+03225;Africa/Khartoum +1536+03232;Africa/Kigali -0157+03004;
Africa/Kinshasa -0418+01518;Africa/Lagos +0627+00324;Africa/Libreville +0023+00927;
Africa/Lome +0608+00113;Africa/Luanda -0848+01314;Africa/Lubumbashi -1140+02728;Africa/Lusaka -1525+02817;
Africa/Malabo +0345+00847;Africa/Maputo -2558+03235;Africa/Maseru -2928+02730;Africa/Mbabane -2618+03106;
Africa/Mogadishu +0204+04522;Africa/Monrovia +0618-01047;Africa/Nairobi -0117+03649;
Africa/Ndjamena +1207+01503;Africa/Niamey +1331+00207;Africa/Nouakchott +1806-01557;
Africa/Ouagadougou +1222-00131;Africa/Porto-Novo +0629+00237;Africa/Sao_Tome +0020+00644;
Africa/Tripoli +3254+01311;Africa/Tunis +3648+01011;Africa/Windhoek -2234+01706;
America/Adak +515248-1763929;America/Anchorage +611305-1495401;America/Anguilla +1812-06304;
America/Antigua +1703-06148;America/Araguaina -0712-04812;America/Argentina/Buenos_Aires -3436-05827;
America/Argentina/Catamarca -2828-06547;America/Argentina/Cordoba -3124-06411;
America/Argentina/Jujuy -2411-06518;America/Argentina/La_Rioja -2926-06651;
America/Argentina/Mendoza -3253-06849;America/Argentina/Rio_Gallegos -5138-06913;
America/Argentina/Salta -2447-06525;America/Argentina/San_Juan -3132-06831;
America/Argentina/San_Luis -3319-06621;America/Argentina/Tucuman -2649-06513;
America/Argentina/Ushuaia -5448-06818;America/Aruba +1230-06958;America/Asuncion -2516-05740;
America/Atikokan +484531-0913718;America/Bahia -1259-03831;America/Bahia_Banderas +2048-10515;
America/Barbados +1306-05937;America/Belem -0127-04829;America/Belize +1730-08812;
America/Blanc-Sablon +5125-05707;America/Boa_Vista +0249-06040;America/Bogota +0436-07405;
America/Boise +433649-1161209;America/Cambridge_Bay +690650-1050310;America/Campo_Grande -2027-05437;
America/Cancun +2105-08646;America/Caracas +1030-06656;America/Cayenne +0456-05220;
America/Cayman +1918-08123;America/Chicago +415100-0873900;America/Chihuahua +2838-10605;
America/Ciudad_Juarez +3144-10629;America/Costa_Rica +0956-08405;America/Coyhaique -4534-07204;
America/Creston +4906-11631;America/Cuiaba -1535-05605;America/Curacao +1211-06900;
America/Danmarkshavn +7646-01840;America/Dawson +6404-13925;America/Dawson_Creek +5546-12014;
America/Denver +394421-1045903;America/Detroit +421953-0830245;America/Dominica +1518-06124;
America/Edmonton +5333-11328;America/Eirunepe -0640-06952;America/El_Salvador +1342-08912;
America/Fort_Nelson +5848-12242;America/Fortaleza -0343-03830;America/Glace_Bay +4612-05957;
America/Goose_Bay +5320-06025;America/Grand_Turk +2128-07108;America/Grenada +1203-06145;
America/Guadeloupe +1614-06132;America/Guatemala +1438-09031;America/Guayaquil -0210-07950;
America/Guyana +0648-05810;America/Halifax +4439-06336;America/Havana +2308-08222;
America/Hermosillo +2904-11058;America/Indiana/Indianapolis +394606-0860929;
America/Indiana/Knox +411745-0863730;America/Indiana/Marengo +382232-0862041;
America/Indiana/Petersburg +382931-0871643;America/Indiana/Tell_City +375711-0864541;
America/Indiana/Vevay +384452-0850402;America/Indiana/Vincennes +384038-0873143;
America/Indiana/Winamac +410305-0863611;America/Inuvik +682059-1334300;America/Iqaluit +6344-06828;
America/Jamaica +175805-0764736;America/Juneau +581807-1342511;
America/Kentucky/Louisville +381515-0854534;America/Kentucky/Monticello +364947-0845057;
America/Kralendijk +120903-0681636;America/La_Paz -1630-06809;America/Lima -1203-07703;
America/Los_Angeles +340308-1181434;America/Lower_Princes +180305-0630250;America/Maceio -0940-03543;
America/Managua +1209-08617;America/Manaus -0308-06001;America/Marigot +1804-06305;
America/Martinique +1436-06105;America/Matamoros +2550-09730;America/Mazatlan +2313-10625;
America/Menominee +450628-0873651;America/Merida +2058-08937;America/Metlakatla +550737-1313435;
America/Mexico_City +1924-09909;America/Miquelon +4703-05620;America/Moncton +4606-06447;
America/Monterrey +2540-10019;America/Montevideo -345433-0561245;America/Montserrat +1643-06213;
America/Nassau +2505-07721;America/New_York +404251-0740023;America/Nome +643004-1652423;
America/Noronha -0351-03225;America/North_Dakota/Beulah +471551-1014640;
America/North_Dakota/Center +470659-1011757;America/North_Dakota/New_Salem +465042-1012439;
America/Nuuk +6411-05144;America/Ojinaga +2934-10425;America/Panama +0858-07932;
America/Paramaribo +0550-05510;America/Phoenix +332654-1120424;America/Port-au-Prince +1832-07220;
America/Port_of_Spain +1039-06131;America/Porto_Velho -0846-06354;America/Puerto_Rico +182806-0660622;
America/Punta_Arenas -5309-07055;America/Rankin_Inlet +624900-0920459;America/Recife -0803-03454;
America/Regina +5024-10439;America/Resolute +744144-0944945;America/Rio_Branco -0958-06748;
America/Santarem -0226-05452;America/Santiago -3327-07040;America/Santo_Domingo +1828-06954;
America/Sao_Paulo -2332-04637;America/Scoresbysund +7029-02158;America/Sitka +571035-1351807;
America/St_Barthelemy +1753-06251;America/St_Johns +4734-05243;America/St_Kitts +1718-06243;
America/St_Lucia +1401-06100;America/St_Thomas +1821-06456;America/St_Vincent +1309-06114;
America/Swift_Current +5017-10750;America/Tegucigalpa +1406-08713;America/Thule +7634-06847;
America/Tijuana +3232-11701;America/Toronto +4339-07923;America/Tortola +1827-06437;
America/Vancouver +4916-12307;America/Whitehorse +6043-13503;America/Winnipeg +4953-09709;
America/Yakutat +593249-1394338;Antarctica/Casey -6617+11031;Antarctica/Davis -6835+07758;
Antarctica/DumontDUrville -6640+14001;Antarctica/Macquarie -5430+15857;Antarctica/Mawson -6736+06253;
Antarctica/McMurdo -7750+16636;Antarctica/Palmer -6448-06406;Antarctica/Rothera -6734-06808;
Antarctica/Syowa -690022+0393524;Antarctica/Troll -720041+0023206;Antarctica/Vostok -7824+10654;
Arctic/Longyearbyen +7800+01600;Asia/Aden +1245+04512;Asia/Almaty +4315+07657;Asia/Amman +3157+03556;
Asia/Anadyr +6445+17729;Asia/Aqtau +4431+05016;Asia/Aqtobe +5017+05710;Asia/Ashgabat +3757+05823;
Asia/Atyrau +4707+05156;Asia/Baghdad +3321+04425;Asia/Bahrain +2623+05035;Asia/Baku +4023+04951;
Asia/Bangkok +1345+10031;Asia/Barnaul +5322+08345;Asia/Beirut +3353+03530;Asia/Bishkek +4254+07436;
Asia/Brunei +0456+11455;Asia/Chita +5203+11328;Asia/Colombo +0656+07951;Asia/Damascus +3330+03618;
Asia/Dhaka +2343+09025;Asia/Dili -0833+12535;Asia/Dubai +2518+05518;Asia/Dushanbe +3835+06848;
Asia/Famagusta +3507+03357;Asia/Gaza +3130+03428;Asia/Hebron +313200+0350542;Asia/Ho_Chi_Minh +1045+10640;
Asia/Hong_Kong +2217+11409;Asia/Hovd +4801+09139;Asia/Irkutsk +5216+10420;Asia/Jakarta -0610+10648;
Asia/Jayapura -0232+14042;Asia/Jerusalem +314650+0351326;Asia/Kabul +3431+06912;
Asia/Kamchatka +5301+15839;Asia/Karachi +2452+06703;Asia/Kathmandu +2743+08519;
Asia/Khandyga +623923+1353314;Asia/Kolkata +2232+08822;Asia/Krasnoyarsk +5601+09250;
Asia/Kuala_Lumpur +0310+10142;Asia/Kuching +0133+11020;Asia/Kuwait +2920+04759;Asia/Macau +221150+1133230;
Asia/Magadan +5934+15048;Asia/Makassar -0507+11924;Asia/Manila +143512+1205804;Asia/Muscat +2336+05835;
Asia/Nicosia +3510+03322;Asia/Novokuznetsk +5345+08707;Asia/Novosibirsk +5502+08255;Asia/Omsk +5500+07324;
Asia/Oral +5113+05121;Asia/Phnom_Penh +1133+10455;Asia/Pontianak -0002+10920;Asia/Pyongyang +3901+12545;
Asia/Qatar +2517+05132;Asia/Qostanay +5312+06337;Asia/Qyzylorda +4448+06528;Asia/Riyadh +2438+04643;
Asia/Sakhalin +4658+14242;Asia/Samarkand +3940+06648;Asia/Seoul +3733+12658;Asia/Shanghai +3114+12128;
Asia/Singapore +0117+10351;Asia/Srednekolymsk +6728+15343;Asia/Taipei +2503+12130;
Asia/Tashkent +4120+06918;Asia/Tbilisi +4143+04449;Asia/Tehran +3540+05126;Asia/Thimphu +2728+08939;
Asia/Tokyo +353916+1394441;Asia/Tomsk +5630+08458;Asia/Ulaanbaatar +4755+10653;Asia/Urumqi +4348+08735;
Asia/Ust-Nera +643337+1431336;Asia/Vientiane +1758+10236;Asia/Vladivostok +4310+13156;
Asia/Yakutsk +6200+12940;Asia/Yangon +1647+09610;Asia/Yekaterinburg +5651+06036;Asia/Yerevan +4011+04430;
Atlantic/Azores +3744-02540;Atlantic/Bermuda +3217-06446;Atlantic/Canary +2806-01524;
Atlantic/Cape_Verde +1455-02331;Atlantic/Faroe +6201-00646;Atlantic/Madeira +3238-01654;
Atlantic/Reykjavik +6409-02151;Atlantic/South_Georgia -5416-03632;Atlantic/St_Helena -1555-00542;
Atlantic/Stanley -5142-05751;Australia/Adelaide -3455+13835;Australia/Brisbane -2728+15302;
Australia/Broken_Hill -3157+14127;Australia/Darwin -1228+13050;Australia/Eucla -3143+12852;
Australia/Hobart -4253+14719;Australia/Lindeman -2016+14900;Australia/Lord_Howe -3133+15905;
Australia/Melbourne -3749+14458;Australia/Perth -3157+11551;Australia/Sydney -3352+15113;
Europe/Amsterdam +5222+00454;Europe/Andorra +4230+00131;Europe/Astrakhan +4621+04803;
Europe/Athens +3758+02343;Europe/Belgrade +4450+02030;Europe/Berlin +5230+01322;
Europe/Bratislava +4809+01707;Europe/Brussels +5050+00420;Europe/Bucharest +4426+02606;
Europe/Budapest +4730+01905;Europe/Busingen +4742+00841;Europe/Chisinau +4700+02850;
Europe/Copenhagen +5540+01235;Europe/Dublin +5320-00615;Europe/Gibraltar +3608-00521;
Europe/Guernsey +492717-0023210;Europe/Helsinki +6010+02458;Europe/Isle_of_Man +5409-00428;
Europe/Istanbul +4101+02858;Europe/Jersey +491101-0020624;Europe/Kaliningrad +5443+02030;
Europe/Kirov +5836+04939;Europe/Kyiv +5026+03031;Europe/Lisbon +3843-00908;Europe/Ljubljana +4603+01431;
Europe/London +513030-0000731;Europe/Luxembourg +4936+00609;Europe/Madrid +4024-00341;
Europe/Malta +3554+01431;Europe/Mariehamn +6006+01957;Europe/Minsk +5354+02734;Europe/Monaco +4342+00723;
Europe/Moscow +554521+0373704;Europe/Oslo +5955+01045;Europe/Paris +4852+00220;
Europe/Podgorica +4226+01916;Europe/Prague +5005+01426;Europe/Riga +5657+02406;Europe/Rome +4154+01229;
Europe/Samara +5312+05009;Europe/San_Marino +4355+01228;Europe/Sarajevo +4352+01825;
Europe/Saratov +5134+04602;Europe/Simferopol +4457+03406;Europe/Skopje +4159+02126;
Europe/Sofia +4241+02319;Europe/Stockholm +5920+01803;Europe/Tallinn +5925+02445;
Europe/Tirane +4120+01950;Europe/Ulyanovsk +5420+04824;Europe/Vaduz +4709+00931;
Europe/Vatican +415408+0122711;Europe/Vienna +4813+01620;Europe/Vilnius +5441+02519;
Europe/Volgograd +4844+04425;Europe/Warsaw +5215+02100;Europe/Zagreb +4548+01558;
Europe/Zurich +4723+00832;Indian/Antananarivo -1855+04731;Indian/Chagos -0720+07225;
Indian/Christmas -1025+10543;Indian/Cocos -1210+09655;Indian/Comoro -1141+04316;
Indian/Kerguelen -492110+0701303;Indian/Mahe -0440+05528;Indian/Maldives +0410+07330;
Indian/Mauritius -2010+05730;Indian/Mayotte -1247+04514;Indian/Reunion -2052+05528;
Pacific/Apia -1350-17144;Pacific/Auckland -3652+17446;Pacific/Bougainville -0613+15534;
Pacific/Chatham -4357-17633;Pacific/Chuuk +0725+15147;Pacific/Easter -2709-10926;
Pacific/Efate -1740+16825;Pacific/Fakaofo -0922-17114;Pacific/Fiji -1808+17825;
Pacific/Funafuti -0831+17913;Pacific/Galapagos -0054-08936;Pacific/Gambier -2308-13457;
Pacific/Guadalcanal -0932+16012;Pacific/Guam +1328+14445;Pacific/Honolulu +211825-1575130;
Pacific/Kanton -0247-17143;Pacific/Kiritimati +0152-15720;Pacific/Kosrae +0519+16259;
Pacific/Kwajalein +0905+16720;Pacific/Majuro +0709+17112;Pacific/Marquesas -0900-13930;
Pacific/Midway +2813-17722;Pacific/Nauru -0031+16655;Pacific/Niue -1901-16955;Pacific/Norfolk -2903+16758;
Pacific/Noumea -2216+16627;Pacific/Pago_Pago -1416-17042;Pacific/Palau +0720+13429;
Pacific/Pitcairn -2504-13005;Pacific/Pohnpei +0658+15813;Pacific/Port_Moresby -0930+14710;
Pacific/Rarotonga -2114-15946;Pacific/Saipan +1512+14545;Pacific/Tahiti -1732-14934;
Pacific/Tarawa +0125+17300;Pacific/Tongatapu -210800-1751200;Pacific/Wake +1917+16637;
Pacific/Wallis -1318-17610;
`;

/** ±DDMM±DDDMM, or with seconds. */
const ISO_6709 = /^([+-])(\d{2})(\d{2})(\d{2})?([+-])(\d{3})(\d{2})(\d{2})?$/;

function spotOf(row: string): (Spot & { zone: string }) | undefined {
  const [zone = "", where = ""] = row.trim().split(" ");
  const found = ISO_6709.exec(where);
  if (!found) return undefined;
  const degrees = (sign = "+", whole = "0", minutes = "0", seconds = "0") =>
    (sign === "-" ? -1 : 1) * (Number(whole) + Number(minutes) / 60 + Number(seconds) / 3600);
  return {
    zone,
    name: zone.split("/").at(-1)?.replaceAll("_", " ") ?? zone,
    latitude: degrees(found[1], found[2], found[3], found[4]),
    longitude: degrees(found[5], found[6], found[7], found[8]),
  };
}

const towns = () =>
  TOWNS.replaceAll("\n", "")
    .split(";")
    .flatMap((row) => spotOf(row) ?? []);

/**
 * The town that a device's own time zone is called after: near enough for light and dark until a place is told.
 * Undefined for a zone without one. @param zone as the device names it, "Europe/Vienna".
 */
export function spotOfZone(zone: string): Spot | undefined {
  const all = towns();
  // Old names of a zone mean the new one.
  const canonical = (name: string) => {
    try {
      return new Intl.DateTimeFormat("en", { timeZone: name }).resolvedOptions().timeZone;
    } catch {
      return name;
    }
  };
  const found =
    all.find((one) => one.zone === zone) ?? all.find((one) => canonical(one.zone) === canonical(zone));
  return found && { name: found.name, latitude: found.latitude, longitude: found.longitude };
}

const DEGREES =
  /^\s*([+-]?\d{1,3}(?:[.,]\d+)?)\s*°?\s*([NS])?[\s,;/]+([+-]?\d{1,3}(?:[.,]\d+)?)\s*°?\s*([EW])?\s*$/i;

/**
 * A place from what is typed: a town that a time zone is called after, or degrees of latitude and longitude.
 * @throws InputError for a town that is not known, and for degrees that are nowhere. Examples: "Vienna",
 * "48.2 N 16.4 E", "-33.9, 151.2".
 */
export function readSpot(text: string): Spot {
  const found = DEGREES.exec(text);
  if (found) {
    const number = (digits = "", half = "") =>
      Number(digits.replace(",", ".")) * (/[SW]/i.test(half) ? -1 : 1);
    const [latitude, longitude] = [number(found[1], found[2]), number(found[3], found[4])];
    if (Math.abs(latitude) > 90 || Math.abs(longitude) > 180)
      throw new InputError(
        "Latitude goes from -90 to 90 and longitude from -180 to 180. Write 48.2 N 16.4 E.",
      );
    return { name: text.trim(), latitude, longitude };
  }
  const plain = (name: string) =>
    name
      .normalize("NFD")
      .replace(/[^a-z]/gi, "")
      .toLowerCase();
  const town = towns().find(({ name }) => plain(name) === plain(text));
  if (!town || plain(text) === "")
    throw new InputError(
      `“${text.trim()}” is not among the towns that this app knows. Write its latitude and longitude, such as 48.2 N 16.4 E.`,
    );
  return { name: town.name, latitude: town.latitude, longitude: town.longitude };
}
