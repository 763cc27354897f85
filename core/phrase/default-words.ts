// Words that themes, publishing systems and hurried people leave where something should be said, in the languages that have
// a stemmer here, in Welsh, and in Japanese, Chinese and Arabic. Common practice, no source.

/** One list a language, parted by commas. */
const list = (...languages: string[]): readonly string[] => [
  ...new Set(languages.flatMap((words) => words.split(",").map((word) => word.trim()))),
];

/** Titles that could stand over any page of any site. */
export const DEFAULT_TITLES = list(
  "about,about us,blog,contact,contact us,default,document,events,home,home page,homepage,index,info,information,main page,my page,my website,new page,news,page,products,services,shop,start,title,untitled,untitled document,untitled page,welcome,welcome to our website,faq,gallery,links,sitemap,test,test page",
  "accueil,page d'accueil,à propos,qui sommes-nous,actualités,bienvenue,nouvelle page,sans titre,page sans titre,produits,boutique,nous contacter,événements",
  "startseite,home seite,über uns,kontakt,aktuelles,neuigkeiten,willkommen,herzlich willkommen,unbenannt,unbenanntes dokument,neue seite,ohne titel,produkte,leistungen,veranstaltungen,impressum",
  "inicio,página principal,página de inicio,sobre nosotros,quiénes somos,contacto,noticias,bienvenido,bienvenidos,sin título,nueva página,productos,servicios,tienda,eventos",
  "home page,pagina iniziale,chi siamo,contatti,notizie,benvenuto,benvenuti,senza titolo,nuova pagina,prodotti,servizi,negozio,eventi",
  "welkom,over ons,nieuws,naamloos,naamloos document,nieuwe pagina,producten,diensten,winkel,evenementen,startpagina",
  "início,página inicial,sobre nós,quem somos,contato,contactos,notícias,bem-vindo,bem-vindos,sem título,nova página,produtos,serviços,loja",
  "hem,startsida,om oss,kontakta oss,nyheter,välkommen,namnlös,ny sida,produkter,tjänster,evenemang",
  "hjem,forside,om os,kontakt os,nyheder,velkommen,uden titel,ny side,ydelser,begivenheder",
  "hjem,forside,om oss,kontakt oss,velkommen,uten tittel,ny side,tjenester,arrangementer",
  "etusivu,kotisivu,tietoa meistä,yhteystiedot,uutiset,tervetuloa,nimetön,uusi sivu,tuotteet,palvelut,tapahtumat",
  "kezdőlap,főoldal,rólunk,kapcsolat,hírek,üdvözöljük,névtelen,új oldal,termékek,szolgáltatások,események",
  "acasă,pagina principală,despre noi,știri,bine ați venit,fără titlu,pagină nouă,produse,servicii,evenimente",
  "главная,главная страница,о нас,о компании,контакты,новости,добро пожаловать,без названия,новая страница,товары,продукция,услуги,события",
  "ana sayfa,anasayfa,hakkımızda,iletişim,haberler,hoş geldiniz,başlıksız,adsız,yeni sayfa,ürünler,hizmetler,etkinlikler",
  "hafan,amdanom ni,cysylltu,cysylltwch â ni,newyddion,croeso,tudalen newydd,cynnyrch,digwyddiadau",
  "ホーム,トップ,トップページ,ホームページ,会社概要,お問い合わせ,お知らせ,ニュース,ようこそ,無題,無題ドキュメント,新しいページ,製品,サービス",
  "首页,主页,首頁,主頁,关于我们,關於我們,联系我们,聯絡我們,新闻,新聞,欢迎,歡迎,无标题,無標題,无标题文档,新页面,产品,產品,服务,服務",
  "الرئيسية,الصفحة الرئيسية,من نحن,اتصل بنا,الأخبار,أخبار,مرحبا,بدون عنوان,صفحة جديدة,المنتجات,الخدمات",
);

/** H1s that name a category only. */
export const DEFAULT_HEADINGS = list(
  DEFAULT_TITLES.join(","),
  "exhibitions,introduction,overview,our products,our services,what's on,willkommen,bienvenue",
);

/** Descriptions of themes and editors. */
export const DEFAULT_DESCRIPTIONS = list(
  "my web page,my website,just another website,just another site,welcome to our site,welcome to our website,welcome to my site,description,enter a description,enter description here,page description,site description,lorem ipsum",
  "bienvenue sur notre site,description de la page,un site utilisant,ma page web",
  "willkommen auf unserer webseite,willkommen auf unserer website,herzlich willkommen auf,beschreibung der seite,beschreibung,meine webseite,hier steht die beschreibung",
  "bienvenido a nuestra web,bienvenidos a nuestra página,descripción de la página,descripción,mi página web,otro sitio realizado con",
  "benvenuti nel nostro sito,benvenuto nel nostro sito,descrizione della pagina,descrizione,un nuovo sito targato,il mio sito",
  "welkom op onze website,beschrijving van de pagina,beschrijving,mijn website,weer een andere",
  "bem-vindo ao nosso site,descrição da página,descrição,meu site,só mais um site",
  "välkommen till vår webbplats,beskrivning av sidan,beskrivning,min webbplats",
  "velkommen til vores hjemmeside,beskrivelse af siden,beskrivelse,min hjemmeside",
  "velkommen til vår nettside,beskrivelse av siden,min nettside",
  "tervetuloa sivuillemme,sivun kuvaus,kuvaus,verkkosivuni",
  "üdvözöljük oldalunkon,az oldal leírása,leírás,weboldalam",
  "bine ați venit pe site-ul nostru,descrierea paginii,descriere,site-ul meu",
  "добро пожаловать на наш сайт,описание страницы,описание,мой сайт,ещё один сайт",
  "web sitemize hoş geldiniz,sayfa açıklaması,açıklama,web sitem",
  "croeso i'n gwefan,disgrifiad o'r dudalen,disgrifiad",
  "ホームページへようこそ,ページの説明,説明,説明文",
  "欢迎来到我们的网站,歡迎來到我們的網站,页面描述,頁面描述,描述,网站描述",
  "مرحبا بكم في موقعنا,وصف الصفحة,الوصف",
);

/** Words of links that say nothing by themselves. */
export const VAGUE_LINKS = list(
  "click,click here,click this link,continue,continue reading,details,download,find out more,go,here,info,learn more,link,more,more info,more information,more…,read,read more,read on,see more,see here,this,this link,this page,view,view more,view details",
  "en savoir plus,ici,cliquez ici,lire la suite,lire plus,plus d'infos,voir plus,ce lien,télécharger",
  "mehr,mehr erfahren,weiterlesen,hier,hier klicken,klicken sie hier,weiter,mehr lesen,mehr infos,zum artikel,diesen link,herunterladen",
  "aquí,haga clic aquí,haz clic aquí,leer más,más,más información,ver más,seguir leyendo,este enlace,descargar",
  "qui,clicca qui,leggi di più,leggi tutto,scopri di più,continua a leggere,più informazioni,vedi,scarica",
  "klik hier,lees meer,lees verder,meer,meer informatie,meer info,bekijk,deze link",
  "aqui,clique aqui,leia mais,ler mais,saiba mais,mais,mais informações,ver mais,este link,baixar",
  "klicka här,här,läs mer,mer,mer information,se mer,visa mer",
  "klik her,her,læs mere,mere,se mere,mere information",
  "klikk her,les mer,se mer,mer info,mer informasjon",
  "klikkaa tästä,tästä,täältä,lue lisää,lisää,lisätietoja,katso",
  "kattints ide,kattintson ide,itt,ide,tovább,bővebben,olvass tovább,részletek,több",
  "click aici,aici,citește mai mult,citeste mai mult,mai mult,mai multe,detalii,vezi",
  "нажмите здесь,кликните здесь,здесь,тут,подробнее,читать далее,читать дальше,далее,ещё,узнать больше,скачать",
  "tıklayın,buraya tıklayın,burada,buradan,devamı,devamını oku,daha fazla,daha fazlası,detaylar,ayrıntılar",
  "cliciwch yma,darllen mwy,darllenwch fwy,mwy,yma,rhagor",
  "こちら,ここ,こちらをクリック,ここをクリック,クリック,詳細,詳しくはこちら,詳しく見る,続きを読む,もっと見る,もっと読む,リンク",
  "点击这里,點擊這裡,点击此处,這裡,这里,此处,更多,详情,詳情,查看更多,了解更多,阅读更多,閱讀更多,查看详情,链接,連結",
  "اضغط هنا,انقر هنا,هنا,المزيد,اقرأ المزيد,للمزيد,التفاصيل,تحميل",
);

/** Alternative texts that name the kind of thing and not what it shows. */
export const PLACEHOLDER_ALTS = list(
  "image,img,photo,photograph,picture,pic,logo,icon,graphic,graphics,banner,banner image,header image,hero,hero image,thumbnail,screenshot,placeholder,spacer,bullet,untitled,alt,alt text,image description,foto,diagram,chart",
  "bild,grafik,symbol,abbildung,titelbild,bildschirmfoto",
  "photographie,icône,vignette,illustration,capture d'écran",
  "imagen,fotografía,icono,ícono,gráfico,captura de pantalla",
  "immagine,fotografia,icona,grafica,schermata",
  "afbeelding,plaatje,pictogram,schermafbeelding",
  "imagem,ícone,captura de tela",
  "fotografi,ikon,bilden,skärmbild",
  "billede,skærmbillede,bilde,skjermbilde",
  "kuva,valokuva,kuvake,kuvakaappaus",
  "kép,fénykép,ikon,képernyőkép",
  "imagine,fotografie,pictogramă,captură de ecran",
  "изображение,картинка,фото,фотография,логотип,иконка,рисунок,скриншот",
  "resim,görsel,fotoğraf,simge,ekran görüntüsü",
  "llun,delwedd,ffotograff",
  "画像,写真,イメージ,アイコン,ロゴ,図",
  "图片,圖片,照片,图像,圖像,图标,圖標,标志",
  "صورة,شعار,أيقونة",
);

/** Characters of the longest text that is looked at for words of these lists. */
export const LONGEST = 300;
